/** Light and colour: spectra, observer, illuminants, CIE XYZ, CIELAB, sRGB and CIEDE2000. Exact, published; nothing about hair. */
@NullMarked
package mischung.light;

import org.jspecify.annotations.NullMarked;
