/** Steering as a whole: lock to lock, turning circle, where the pickups belong, joint limits, the alignment card. */
package org.palanca.study.steering;
