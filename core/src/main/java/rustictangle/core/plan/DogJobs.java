package rustictangle.core.plan;

import java.util.List;
import rustictangle.core.routine.SetUp;

/**
 * What one dog asks for, or all that is done besides brushing.
 *
 * @param jobs       of the same days
 * @param setUp      minutes that a session takes besides its brushing; 0: nothing is set up, and every day is as good
 * @param setUpToday the same today; 0 while a session is going on
 * @param sitting    most minutes of brushing that the dog or its hands take in a day
 * @param sittingToday what of it is left today
 * @param minutes    that there are each day; none: as many as it takes
 */
record DogJobs(List<Job> jobs, double setUp, double setUpToday, double sitting, double sittingToday, double[] minutes) {

    DogJobs {
        jobs = List.copyOf(jobs);
    }

    /** The same in so many minutes each day. */
    DogJobs in(double[] minutesOfDays) {
        return new DogJobs(jobs, setUp, setUpToday, sitting, sittingToday, minutesOfDays);
    }

    double setUp(int day) {
        double usual = day == 0 ? setUpToday : setUp;
        return minutes.length == 0 ? usual : SetUp.on(usual, minutes[day]);
    }

    int mostPlaces(int day) {
        return minutes.length == 0 ? Integer.MAX_VALUE : SetUp.mostPlaces(minutes[day]);
    }

    double sitting(int day) {
        return day == 0 ? sittingToday : sitting;
    }

    int end() {
        return jobs.stream().mapToInt(Job::end).max().orElse(0);
    }
}
