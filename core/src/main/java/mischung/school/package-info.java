/** The ways of working that colourists choose between, each with why and when. */
@NullMarked
package mischung.school;

import org.jspecify.annotations.NullMarked;
