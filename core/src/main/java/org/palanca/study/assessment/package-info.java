/**
 * The whole vehicle judged by every study at once: what each step finds wrong on either axle, and whether a change makes any of
 * it worse. Advice is tried here before it is offered.
 */
package org.palanca.study.assessment;
