/** What adjusting a large survey costs. */
package org.palanca.bench.survey;
