/** What the window's own thread is kept from its next frame by. */
package org.palanca.bench.window;
