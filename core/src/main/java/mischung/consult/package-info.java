/** What the client tells before the work. */
@NullMarked
package mischung.consult;

import org.jspecify.annotations.NullMarked;
