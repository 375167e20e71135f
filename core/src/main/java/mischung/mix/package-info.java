/** From a plan in order to what is weighed into every bowl, from what, and what is learned from what was used. */
@NullMarked
package mischung.mix;

import org.jspecify.annotations.NullMarked;
