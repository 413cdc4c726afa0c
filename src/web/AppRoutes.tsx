import { lazy, Suspense } from 'react';
import { Link, Route, Routes } from 'react-router';
import { buttonLook } from './components/Button';
import { StockScreen } from './screens/stock/StockScreen';
import { WalkScreen } from './screens/walk/WalkScreen';
import { Bar } from './shell/Bar';

// The stock list and the walk must open at once, on a phone in the yard; the rest comes when it is asked for.
const CarScreen = lazy(() => import('./screens/car/CarScreen').then((file) => ({ default: file.CarScreen })));
const CarFormScreen = lazy(() =>
  import('./screens/car/CarFormScreen').then((file) => ({ default: file.CarFormScreen })),
);
const FreezeScreen = lazy(() =>
  import('./screens/report/FreezeScreen').then((file) => ({ default: file.FreezeScreen })),
);
const ReportScreen = lazy(() =>
  import('./screens/report/ReportScreen').then((file) => ({ default: file.ReportScreen })),
);
const ImportScreen = lazy(() =>
  import('./screens/stock/ImportScreen').then((file) => ({ default: file.ImportScreen })),
);
const PicturesScreen = lazy(() =>
  import('./screens/pictures/PicturesScreen').then((file) => ({ default: file.PicturesScreen })),
);
const PictureScreen = lazy(() =>
  import('./screens/picture/PictureScreen').then((file) => ({ default: file.PictureScreen })),
);
const ReadingsScreen = lazy(() =>
  import('./screens/readings/ReadingsScreen').then((file) => ({ default: file.ReadingsScreen })),
);
const FunctionsScreen = lazy(() =>
  import('./screens/functions/FunctionsScreen').then((file) => ({ default: file.FunctionsScreen })),
);
const PapersScreen = lazy(() =>
  import('./screens/papers/PapersScreen').then((file) => ({ default: file.PapersScreen })),
);
const KitScreen = lazy(() => import('./screens/kit/KitScreen').then((file) => ({ default: file.KitScreen })));
const QuestionsScreen = lazy(() =>
  import('./screens/questions/QuestionsScreen').then((file) => ({ default: file.QuestionsScreen })),
);
const ChecksScreen = lazy(() =>
  import('./screens/checks/ChecksScreen').then((file) => ({ default: file.ChecksScreen })),
);
const CompareScreen = lazy(() =>
  import('./screens/compare/CompareScreen').then((file) => ({ default: file.CompareScreen })),
);
const CueScreen = lazy(() =>
  import('./screens/cues/CueScreen').then((file) => ({ default: file.CueScreen })),
);
const MessagesScreen = lazy(() =>
  import('./screens/messages/MessagesScreen').then((file) => ({ default: file.MessagesScreen })),
);
const YardScreen = lazy(() =>
  import('./screens/yard/YardScreen').then((file) => ({ default: file.YardScreen })),
);
const RoutesScreen = lazy(() =>
  import('./screens/routes/RoutesScreen').then((file) => ({ default: file.RoutesScreen })),
);
const ShorthandHelp = lazy(() =>
  import('./screens/help/ShorthandHelp').then((file) => ({ default: file.ShorthandHelp })),
);

export function AppRoutes() {
  return (
    <Suspense fallback={<p className="p-4">Opening…</p>}>
      <Routes>
        <Route path="/" element={<StockScreen />} />
        <Route path="/messages" element={<MessagesScreen />} />
        <Route path="/yard" element={<YardScreen />} />
        <Route path="/import" element={<ImportScreen />} />
        <Route path="/cars/new" element={<CarFormScreen key="new" />} />
        <Route path="/cars/:id" element={<CarScreen />} />
        <Route path="/cars/:id/compare" element={<CompareScreen />} />
        <Route path="/cars/:id/edit" element={<CarFormScreen key="edit" />} />
        <Route path="/walks/:id" element={<WalkScreen />} />
        <Route path="/walks/:id/pictures" element={<PicturesScreen />} />
        <Route path="/walks/:id/pictures/:photo" element={<PictureScreen />} />
        <Route path="/walks/:id/tyres" element={<ReadingsScreen key="tyres" what="tyres" />} />
        <Route path="/walks/:id/paint" element={<ReadingsScreen key="paint" what="paint" />} />
        <Route path="/walks/:id/glass" element={<ReadingsScreen key="glass" what="glass" />} />
        <Route path="/walks/:id/checks" element={<ChecksScreen />} />
        <Route path="/walks/:id/functions" element={<FunctionsScreen />} />
        <Route path="/walks/:id/kit" element={<KitScreen />} />
        <Route path="/walks/:id/questions" element={<QuestionsScreen />} />
        <Route path="/walks/:id/cues" element={<CueScreen />} />
        <Route path="/walks/:id/papers" element={<PapersScreen />} />
        <Route path="/walks/:id/report" element={<FreezeScreen />} />
        <Route path="/reports/:id" element={<ReportScreen />} />
        <Route path="/routes" element={<RoutesScreen />} />
        <Route path="/help/shorthand" element={<ShorthandHelp />} />
        <Route path="*" element={<NothingHere />} />
      </Routes>
    </Suspense>
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
