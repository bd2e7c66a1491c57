/** What cycling the axle costs, and the vehicle coming to rest on a slope. */
package org.palanca.bench.clearance;
