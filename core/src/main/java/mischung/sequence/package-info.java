/** From the plan to tasks on a clock. */
@NullMarked
package mischung.sequence;

import org.jspecify.annotations.NullMarked;
