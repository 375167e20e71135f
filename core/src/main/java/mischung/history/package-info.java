/** Dated events laid on the strand: where each lies today in centimetres, what overlaps, what may lie beneath. */
@NullMarked
package mischung.history;

import org.jspecify.annotations.NullMarked;
