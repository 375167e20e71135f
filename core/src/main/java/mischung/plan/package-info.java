/** From the head as read and the wish to steps, formulas and the reasons for them. */
@NullMarked
package mischung.plan;

import org.jspecify.annotations.NullMarked;
