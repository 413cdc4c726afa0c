import { useEffect } from 'react';
import { Link, Route, Routes, useLocation, useMatch } from 'react-router';
import type { Me } from '#core/api';
import { buttonLook } from './components/Button';
import { oneByOneAtRest } from './device/afterPaint';
import { useBackButton } from './device/backCloses';
import { StockScreen } from './screens/cars/stock/StockScreen';
import { FirstScreen, useNoteOpened } from './screens/today/morning/FirstScreen';
import { WalkScreen } from './screens/walk/round/WalkScreen';
import { Bar } from './shell/Bar';
import { Gate } from './shell/Gate';
import { Fetched, fetchedScreen, RouteBoundary } from './shell/RouteBoundary';

// The stock list and the walk must open at once, on a phone in the yard; the rest comes when it is asked for.
const carScreen = fetchedScreen(() => import('./screens/cars/car/CarScreen').then((file) => file.CarScreen));
const carFormScreen = fetchedScreen(() =>
  import('./screens/cars/car/CarFormScreen').then((file) => file.CarFormScreen),
);
const freezeScreen = fetchedScreen(() =>
  import('./screens/buyers/report/FreezeScreen').then((file) => file.FreezeScreen),
);
const previewScreen = fetchedScreen(() =>
  import('./screens/buyers/report/PreviewScreen').then((file) => file.PreviewScreen),
);
const reportScreen = fetchedScreen(() =>
  import('./screens/buyers/report/ReportScreen').then((file) => file.ReportScreen),
);
const importScreen = fetchedScreen(() =>
  import('./screens/cars/stock/ImportScreen').then((file) => file.ImportScreen),
);
const picturesScreen = fetchedScreen(() =>
  import('./screens/walk/pictures/PicturesScreen').then((file) => file.PicturesScreen),
);
const pictureScreen = fetchedScreen(() =>
  import('./screens/walk/picture/PictureScreen').then((file) => file.PictureScreen),
);
const readingsScreen = fetchedScreen(() =>
  import('./screens/walk/readings/ReadingsScreen').then((file) => file.ReadingsScreen),
);
const functionsScreen = fetchedScreen(() =>
  import('./screens/walk/functions/FunctionsScreen').then((file) => file.FunctionsScreen),
);
const papersScreen = fetchedScreen(() =>
  import('./screens/walk/papers/PapersScreen').then((file) => file.PapersScreen),
);
const storyScreen = fetchedScreen(() =>
  import('./screens/walk/story/StoryScreen').then((file) => file.StoryScreen),
);
const kitScreen = fetchedScreen(() => import('./screens/walk/kit/KitScreen').then((file) => file.KitScreen));
const planScreen = fetchedScreen(() =>
  import('./screens/cars/plan/PlanScreen').then((file) => file.PlanScreen),
);
const mendedScreen = fetchedScreen(() =>
  import('./screens/walk/mended/MendedScreen').then((file) => file.MendedScreen),
);
const morningScreen = fetchedScreen(() =>
  import('./screens/today/morning/MorningScreen').then((file) => file.MorningScreen),
);
const morningsScreen = fetchedScreen(() =>
  import('./screens/today/mornings/MorningsScreen').then((file) => file.MorningsScreen),
);
const boardScreen = fetchedScreen(() =>
  import('./screens/today/board/BoardScreen').then((file) => file.BoardScreen),
);
const sheetScreen = fetchedScreen(() =>
  import('./screens/today/board/SheetScreen').then((file) => file.SheetScreen),
);
const crewScreen = fetchedScreen(() =>
  import('./screens/settings/crew/CrewScreen').then((file) => file.CrewScreen),
);
const pricesScreen = fetchedScreen(() =>
  import('./screens/settings/prices/PricesScreen').then((file) => file.PricesScreen),
);
const cureRulesScreen = fetchedScreen(() =>
  import('./screens/settings/cureRules/CureRulesScreen').then((file) => file.CureRulesScreen),
);
const questionsScreen = fetchedScreen(() =>
  import('./screens/buyers/questions/QuestionsScreen').then((file) => file.QuestionsScreen),
);
const checksScreen = fetchedScreen(() =>
  import('./screens/buyers/checks/ChecksScreen').then((file) => file.ChecksScreen),
);
const compareScreen = fetchedScreen(() =>
  import('./screens/cars/compare/CompareScreen').then((file) => file.CompareScreen),
);
const cueScreen = fetchedScreen(() => import('./screens/walk/cues/CueScreen').then((file) => file.CueScreen));
const messagesScreen = fetchedScreen(() =>
  import('./screens/buyers/messages/MessagesScreen').then((file) => file.MessagesScreen),
);
const expectationsScreen = fetchedScreen(() =>
  import('./screens/settings/expectations/ExpectationsScreen').then((file) => file.ExpectationsScreen),
);
const weakSpotsScreen = fetchedScreen(() =>
  import('./screens/settings/weakSpots/WeakSpotsScreen').then((file) => file.WeakSpotsScreen),
);
const practiceScreen = fetchedScreen(() =>
  import('./screens/today/practice/PracticeScreen').then((file) => file.PracticeScreen),
);
const practiceTeamScreen = fetchedScreen(() =>
  import('./screens/today/practice/PracticeTeamScreen').then((file) => file.PracticeTeamScreen),
);
const yardScreen = fetchedScreen(() =>
  import('./screens/settings/yard/YardScreen').then((file) => file.YardScreen),
);
const routesScreen = fetchedScreen(() =>
  import('./screens/settings/routes/RoutesScreen').then((file) => file.RoutesScreen),
);
const meScreen = fetchedScreen(() => import('./screens/settings/me/MeScreen').then((file) => file.MeScreen));
const signInScreen = fetchedScreen<{ here: Me }>(() =>
  import('./screens/settings/me/SignInScreen').then((file) => file.SignInScreen),
);
const enterScreen = fetchedScreen(() =>
  import('./screens/settings/me/EnterScreen').then((file) => file.EnterScreen),
);
const peopleScreen = fetchedScreen(() =>
  import('./screens/settings/people/PeopleScreen').then((file) => file.PeopleScreen),
);
const auditScreen = fetchedScreen(() =>
  import('./screens/settings/people/AuditScreen').then((file) => file.AuditScreen),
);
const talkScreen = fetchedScreen(() =>
  import('./screens/walk/talk/TalkScreen').then((file) => file.TalkScreen),
);
const filmScreen = fetchedScreen(() =>
  import('./screens/walk/film/FilmScreen').then((file) => file.FilmScreen),
);
const whatToSay = fetchedScreen(() =>
  import('./screens/settings/help/WhatToSay').then((file) => file.WhatToSay),
);

/** What one goes to from a walk: fetched once it is open, so that they open where there is no signal. */
const ofAWalk = [
  talkScreen,
  freezeScreen,
  picturesScreen,
  pictureScreen,
  readingsScreen,
  functionsScreen,
  papersScreen,
  kitScreen,
  storyScreen,
  mendedScreen,
  questionsScreen,
  checksScreen,
  cueScreen,
];

/** Fetches the screens of a walk, one after another, when the walk itself has come to rest. */
function useWalkScreens(): void {
  const isWalk = useMatch('/walks/:id/*') !== null;
  useEffect(() => {
    if (!isWalk) return;
    // Where Zelk is kept they are on the device already, and cost nothing until they are opened.
    if (navigator.serviceWorker?.controller) return;
    return oneByOneAtRest(ofAWalk.map((screen) => screen.fetch));
  }, [isWalk]);
}

/** An address that opens once is taken before anybody is signed in; everything else is behind the gate. */
export function AppRoutes() {
  return (
    <Routes>
      <Route path="/enter" element={<Fetched screen={enterScreen} />} />
      <Route
        path="*"
        element={
          <Gate signIn={(here) => <Fetched screen={signInScreen} here={here} />}>
            <YardRoutes />
          </Gate>
        }
      />
    </Routes>
  );
}

function YardRoutes() {
  useWalkScreens();
  useNoteOpened();
  useBackButton(useLocation().pathname);
  return (
    <Routes>
      <Route
        path="/"
        element={
          <RouteBoundary>
            <FirstScreen>
              <StockScreen />
            </FirstScreen>
          </RouteBoundary>
        }
      />
      <Route path="/me" element={<Fetched screen={meScreen} />} />
      <Route path="/people" element={<Fetched screen={peopleScreen} />} />
      <Route path="/people/log" element={<Fetched screen={auditScreen} />} />
      <Route path="/messages" element={<Fetched screen={messagesScreen} />} />
      <Route path="/morning" element={<Fetched screen={morningScreen} />} />
      <Route path="/mornings" element={<Fetched screen={morningsScreen} />} />
      <Route path="/board" element={<Fetched screen={boardScreen} />} />
      <Route path="/board/sheet/:crew/:day" element={<Fetched screen={sheetScreen} />} />
      <Route path="/crew" element={<Fetched screen={crewScreen} />} />
      <Route path="/cure-rules" element={<Fetched screen={cureRulesScreen} />} />
      <Route path="/prices" element={<Fetched screen={pricesScreen} />} />
      <Route path="/expectations" element={<Fetched screen={expectationsScreen} />} />
      <Route path="/weak-spots" element={<Fetched screen={weakSpotsScreen} />} />
      <Route path="/practice" element={<Fetched screen={practiceScreen} />} />
      <Route path="/practice/team" element={<Fetched screen={practiceTeamScreen} />} />
      <Route path="/yard" element={<Fetched screen={yardScreen} />} />
      <Route path="/import" element={<Fetched screen={importScreen} />} />
      <Route path="/cars/new" element={<Fetched screen={carFormScreen} key="new" />} />
      <Route path="/cars/:id" element={<Fetched screen={carScreen} />} />
      <Route path="/cars/:id/compare" element={<Fetched screen={compareScreen} />} />
      <Route path="/cars/:id/edit" element={<Fetched screen={carFormScreen} key="edit" />} />
      <Route
        path="/walks/:id"
        element={
          <RouteBoundary>
            <WalkScreen />
          </RouteBoundary>
        }
      />
      <Route path="/walks/:id/talk" element={<Fetched screen={talkScreen} />} />
      <Route path="/walks/:id/film" element={<Fetched screen={filmScreen} />} />
      <Route path="/walks/:id/pictures" element={<Fetched screen={picturesScreen} />} />
      <Route path="/walks/:id/pictures/:photo" element={<Fetched screen={pictureScreen} />} />
      <Route path="/walks/:id/tyres" element={<Fetched screen={readingsScreen} key="tyres" what="tyres" />} />
      <Route path="/walks/:id/paint" element={<Fetched screen={readingsScreen} key="paint" what="paint" />} />
      <Route path="/walks/:id/glass" element={<Fetched screen={readingsScreen} key="glass" what="glass" />} />
      <Route path="/walks/:id/checks" element={<Fetched screen={checksScreen} />} />
      <Route path="/walks/:id/functions" element={<Fetched screen={functionsScreen} />} />
      <Route path="/walks/:id/kit" element={<Fetched screen={kitScreen} />} />
      <Route path="/walks/:id/story" element={<Fetched screen={storyScreen} />} />
      <Route path="/walks/:id/plan" element={<Fetched screen={planScreen} />} />
      <Route path="/walks/:id/second-walk" element={<Fetched screen={mendedScreen} />} />
      <Route path="/walks/:id/questions" element={<Fetched screen={questionsScreen} />} />
      <Route path="/walks/:id/cues" element={<Fetched screen={cueScreen} />} />
      <Route path="/walks/:id/papers" element={<Fetched screen={papersScreen} />} />
      <Route path="/walks/:id/report" element={<Fetched screen={freezeScreen} />} />
      <Route path="/walks/:id/preview" element={<Fetched screen={previewScreen} />} />
      <Route path="/reports/:id" element={<Fetched screen={reportScreen} />} />
      <Route path="/routes" element={<Fetched screen={routesScreen} />} />
      <Route path="/help/what-to-say" element={<Fetched screen={whatToSay} />} />
      <Route path="*" element={<NothingHere />} />
    </Routes>
  );
}

function NothingHere() {
  return (
    <>
      <Bar title="Nothing here" />
      <main className="p-4">
        <p className="mb-3">There is no such page.</p>
        <Link to="/" className={buttonLook('main')}>
          Go to the stock list
        </Link>
      </main>
    </>
  );
}
