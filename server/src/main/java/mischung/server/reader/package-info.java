/** The colour reader: the protocol it is spoken to in, and a stand-in that reads the demonstration heads. */
@NullMarked
package mischung.server.reader;

import org.jspecify.annotations.NullMarked;
