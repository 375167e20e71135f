/** What the pages ask and are told, by the trade's names. Errors are problem documents with field, value and remedy. */
@NullMarked
package mischung.server.api;

import org.jspecify.annotations.NullMarked;
