package wrenlane.server.course.evaluation;

import wrenlane.yard.Yard;

/** The yards that courses are ridden on. The ground module, which depends on this one, provides them. */
public interface YardLookup {
    /** A stored yard; refused with 404 where there is none. */
    Yard yard(long id);
}
