import { lazy } from "react";
import { Navigate, Route, Routes } from "react-router";
import { TodayPlace } from "../today/TodayPlace";
import { Frame } from "./Frame";
import { HouseFrame } from "./HouseFrame";
import { NowherePage } from "./NowherePage";

const BraisePage = lazy(() => import("../braise/BraisePage").then((page) => ({ default: page.BraisePage })));
const RecipePlace = lazy(() => import("../recipe/RecipePlace").then((page) => ({ default: page.RecipePlace })));
const PotPlace = lazy(() => import("../pot/PotPlace").then((page) => ({ default: page.PotPlace })));
const ChangesPlace = lazy(() => import("../changes/ChangesPlace").then((page) => ({ default: page.ChangesPlace })));
const DayPlace = lazy(() => import("../day/DayPlace").then((page) => ({ default: page.DayPlace })));
const StovePlace = lazy(() => import("../braise/StovePlace").then((page) => ({ default: page.StovePlace })));
const AfterPlace = lazy(() => import("../notebook/AfterPlace").then((page) => ({ default: page.AfterPlace })));
const BringPage = lazy(() => import("../bring/BringPage").then((page) => ({ default: page.BringPage })));
const MeatsPage = lazy(() => import("../meats/MeatsPage").then((page) => ({ default: page.MeatsPage })));
const KitchenPlace = lazy(() => import("../kitchen/KitchenPlace").then((page) => ({ default: page.KitchenPlace })));
const NotebookPage = lazy(() => import("../notebook/NotebookPage").then((page) => ({ default: page.NotebookPage })));
const CookedPage = lazy(() => import("../notebook/CookedPage").then((page) => ({ default: page.CookedPage })));
const LearnedPage = lazy(() => import("../notebook/LearnedPage").then((page) => ({ default: page.LearnedPage })));
const CautionsPage = lazy(() => import("../safety/CautionsPage").then((page) => ({ default: page.CautionsPage })));
const CookPage = lazy(() => import("../watch/CookPage").then((page) => ({ default: page.CookPage })));

const DoorPage = lazy(() => import("../door/DoorPage").then((page) => ({ default: page.DoorPage })));
const PhonePage = lazy(() => import("../door/PhonePage").then((page) => ({ default: page.PhonePage })));

export function App() {
  return (
    <Routes>
      <Route element={<Frame />}>
        <Route element={<HouseFrame />}>
          <Route index element={<TodayPlace />} />
          <Route path="bring" element={<BringPage />} />
          <Route path="meats" element={<MeatsPage />} />
          <Route path="notebook" element={<NotebookPage />} />
          <Route path="notebook/learned" element={<LearnedPage />} />
          <Route path="notebook/:id" element={<CookedPage />} />
          <Route path="kitchen" element={<KitchenPlace />} />
          <Route path="cookers" element={<Navigate to="/kitchen" replace />} />
          <Route path="house" element={<Navigate to="/kitchen" replace />} />
          <Route path="cautions" element={<CautionsPage />} />
          <Route path="phone" element={<PhonePage />} />
          <Route path="*" element={<NowherePage />} />
        </Route>
        <Route path="braises/:id" element={<BraisePage />}>
          <Route index element={<Navigate to="pot" replace />} />
          <Route path="recipe" element={<RecipePlace />} />
          <Route path="pot" element={<PotPlace />} />
          <Route path="changes" element={<ChangesPlace />} />
          <Route path="day" element={<DayPlace />} />
          <Route path="stove" element={<StovePlace />} />
          <Route path="after" element={<AfterPlace />} />
        </Route>
        <Route path="cooks/:id" element={<CookPage />} />
        <Route path="door" element={<DoorPage />} />
      </Route>
    </Routes>
  );
}
