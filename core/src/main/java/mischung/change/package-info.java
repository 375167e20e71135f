/** What a step does to the hair. */
@NullMarked
package mischung.change;

import org.jspecify.annotations.NullMarked;
