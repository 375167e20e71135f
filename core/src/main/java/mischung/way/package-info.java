/** How far the work on one head has come, and what is to be done next. */
@NullMarked
package mischung.way;

import org.jspecify.annotations.NullMarked;
