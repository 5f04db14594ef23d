package rustictangle.core.plan;

import java.util.List;

/**
 * What one dog asks for.
 *
 * @param jobs       of the same days
 * @param setUp      minutes that a session takes besides its brushing, greater than 0
 * @param setUpToday the same today; 0 while a session is going on
 * @param sitting    most minutes of brushing that the dog or its hands take in a day
 */
record DogJobs(List<Job> jobs, double setUp, double setUpToday, double sitting) {

    DogJobs {
        jobs = List.copyOf(jobs);
    }

    double setUp(int day) {
        return day == 0 ? setUpToday : setUp;
    }

    int end() {
        return jobs.stream().mapToInt(Job::end).max().orElse(0);
    }
}
