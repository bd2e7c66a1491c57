/** Results of the roll motion: roll centre, roll axis and roll steer. */
package org.palanca.result.roll;
