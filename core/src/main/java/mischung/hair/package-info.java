/** What is on the head: pigments, levels, tones, bands, strands and zones, and the colour they show. */
@NullMarked
package mischung.hair;

import org.jspecify.annotations.NullMarked;
