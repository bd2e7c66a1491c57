/** What an axle costs that is blocked or loose. */
package org.palanca.bench.fault;
