/*
 * The contents of the panels that any place opens: one piece of the application, which panels/all.ts loads when the first
 * of them is opened.
 */

export { actions } from './actions/TaskActions';
export { bendPanel as bend } from './bend/BendDay';
export { categories } from './categories/Categories';
export { columns } from './columns/Columns';
export { crowd } from './crowd/CrowdList';
export { dayNote } from './dayNote/DayNotePanel';
export { dayRoom } from './dayRoom/DayRoom';
export { dayText } from './dayText/DayTextPanel';
export { estimates } from './estimates/Estimates';
export { feasiblePanel as feasible } from './feasible/FeasiblePanel';
export { find } from './find/Find';
export { fitPanel as fit } from './fit/FitPanel';
export { freed } from './freed/FreedTime';
export { freeTimesPanel as freeTimes } from './freeTimes/FreeTimes';
export { goal } from './goal/GoalPanel';
export { goals } from './goals/GoalsPanel';
export { goToDay } from './goToDay/GoToDay';
export { guide } from './guide/Guide';
export { importInto, importReport, importing } from './import/panel';
export { later } from './later/Later';
export { layDay } from './layDay/LayDay';
export { left } from './left/Left';
export { lists } from './lists/Lists';
export { mailboxPanel as mailbox } from './mailbox/MailboxPanel';
export { meeting } from './meeting/panel';
export { messages } from './message/Messages';
export { message } from './message/MessageView';
export { newEvent } from './newEvent/NewEvent';
export { newTask } from './newTask/NewTask';
export { outlook } from './outlook/OutlookPanel';
export { bothSidesPanel as bothSides } from './outside/BothSides';
export { outsidePanel as outside } from './outside/OutsideNews';
export { peoplePanel as people } from './people/People';
export { personPanel as person } from './people/Person';
export { pictureOut } from './picture/PictureOut';
export { place, placeSeveral } from './place/panel';
export { promisePanel as promise } from './promise/PromisePanel';
export { quick } from './quick/Quick';
export { reminders } from './reminders/Reminders';
export { requestsPanel as requests } from './requests/Requests';
export { scope } from './scope/ScopeQuestion';
export { targets } from './targets/EditTargets';
export { tasksOut } from './tasksOut/TasksOut';
export { task } from './task/panel';
export { templates } from './templates/Templates';
export { termsPanel as terms } from './terms/Terms';
export { triage } from './triage/Triage';
export { seal } from './seal/Seal';
export { several } from './several/Several';
export { spent, time } from './time/panel';
export { unseen } from './unseen/UnseenTime';
export { whatIf } from './whatIf/WhatIf';
export { zoneOn } from './zone/ZoneOn';
export { workspaceFile } from './workspaceFile/WorkspaceFileView';
