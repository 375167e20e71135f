/** What is in the bowl: shades and the dyes they hold, developers, mixes and how many grams a head needs. */
@NullMarked
package mischung.product;

import org.jspecify.annotations.NullMarked;
