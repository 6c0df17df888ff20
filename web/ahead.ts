const EVERY = ['/api/days', '/api/about', '/api/yards'];

/** What each page is drawn from: its code, and what it asks the server for as soon as it is opened. */
export const AHEAD = {
  today: { code: 'today/TodayPage', reads: [...EVERY, '/api/courses', '/api/course-kinds'] },
  yard: { code: 'yard/YardPage', reads: [...EVERY, '/api/courses'] },
  machines: { code: 'machine/MachinesPage', reads: [...EVERY, '/api/machines', '/api/machine-classes'] },
  riders: { code: 'rider/RidersPage', reads: [...EVERY, '/api/riders', '/api/machines'] },
  course: {
    code: 'course/CoursePage',
    reads: [...EVERY, '/api/courses', '/api/machines', '/api/riders', '/api/course-kinds'],
  },
  'set-out': {
    code: 'setout/SetOutPage',
    reads: [...EVERY, '/api/courses', '/api/machines', '/api/riders'],
  },
  lesson: { code: 'lesson/LessonPage', reads: EVERY },
  range: {
    code: 'run/RangePage',
    reads: [...EVERY, '/api/courses', '/api/machines', '/api/riders', '/api/course-kinds'],
  },
  progress: { code: 'progress/ProgressPage', reads: [...EVERY, '/api/riders'] },
  phone: { code: 'phone/PhonePage', reads: EVERY },
};
