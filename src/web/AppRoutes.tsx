import { Link, Route, Routes } from 'react-router';
import { buttonLook } from './components/Button';
import { CarFormScreen } from './screens/car/CarFormScreen';
import { CarScreen } from './screens/car/CarScreen';
import { ShorthandHelp } from './screens/help/ShorthandHelp';
import { FreezeScreen } from './screens/report/FreezeScreen';
import { ReportScreen } from './screens/report/ReportScreen';
import { RoutesScreen } from './screens/routes/RoutesScreen';
import { ImportScreen } from './screens/stock/ImportScreen';
import { StockScreen } from './screens/stock/StockScreen';
import { WalkScreen } from './screens/walk/WalkScreen';
import { Bar } from './shell/Bar';

export function AppRoutes() {
  return (
    <Routes>
      <Route path="/" element={<StockScreen />} />
      <Route path="/import" element={<ImportScreen />} />
      <Route path="/cars/new" element={<CarFormScreen key="new" />} />
      <Route path="/cars/:id" element={<CarScreen />} />
      <Route path="/cars/:id/edit" element={<CarFormScreen key="edit" />} />
      <Route path="/walks/:id" element={<WalkScreen />} />
      <Route path="/walks/:id/report" element={<FreezeScreen />} />
      <Route path="/reports/:id" element={<ReportScreen />} />
      <Route path="/routes" element={<RoutesScreen />} />
      <Route path="/help/shorthand" element={<ShorthandHelp />} />
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
