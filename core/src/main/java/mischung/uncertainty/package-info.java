/** What is not sure, what a prediction makes of it, and what a strand test teaches. */
@NullMarked
package mischung.uncertainty;

import org.jspecify.annotations.NullMarked;
