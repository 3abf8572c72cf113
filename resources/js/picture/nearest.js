/** The place in the list of times that is nearest to so many seconds, in stops. */
export const nearest = (times, seconds) =>
    times.reduce((best, time, i) => (Math.abs(Math.log(time / seconds)) < Math.abs(Math.log(times[best] / seconds)) ? i : best), 0);
