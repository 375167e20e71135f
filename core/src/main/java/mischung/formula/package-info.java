/** The search for the mix that comes nearest to a colour on hair. */
@NullMarked
package mischung.formula;

import org.jspecify.annotations.NullMarked;
