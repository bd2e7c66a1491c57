/** What the links have to bear in the load cases of the vehicle. */
@NullMarked
package org.palanca.study.load;

import org.jspecify.annotations.NullMarked;
