/** Results of the steering: bump steer, ratio, Ackermann, and how drag link and panhard match. */
package org.palanca.result.steer;
