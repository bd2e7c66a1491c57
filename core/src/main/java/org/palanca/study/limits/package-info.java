/** What ends the travel: every border of the envelope by what it is, what is gained by changing it, and where to look. */
package org.palanca.study.limits;
