/** What the model is held against, run by the tests and shown in the application. */
@NullMarked
package mischung.validation;

import org.jspecify.annotations.NullMarked;
