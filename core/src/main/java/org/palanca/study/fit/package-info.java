/** Whether an axle fits: tyres in their wells, square under the frame, and where its shaft runs. */
package org.palanca.study.fit;
