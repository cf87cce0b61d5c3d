import { lazy } from "react";
import { Route, Routes } from "react-router";
import { BraisesPage } from "../braises/BraisesPage";
import { WorkbenchPage } from "../workbench/WorkbenchPage";
import { Frame } from "./Frame";
import { NowherePage } from "./NowherePage";

const BringPage = lazy(() => import("../bring/BringPage").then((page) => ({ default: page.BringPage })));
const ReadingPage = lazy(() => import("../bring/ReadingPage").then((page) => ({ default: page.ReadingPage })));
const CookersPage = lazy(() => import("../cookers/CookersPage").then((page) => ({ default: page.CookersPage })));
const HousePage = lazy(() => import("../house/HousePage").then((page) => ({ default: page.HousePage })));
const NotebookPage = lazy(() => import("../notebook/NotebookPage").then((page) => ({ default: page.NotebookPage })));
const CautionsPage = lazy(() => import("../safety/CautionsPage").then((page) => ({ default: page.CautionsPage })));
const CookPage = lazy(() => import("../watch/CookPage").then((page) => ({ default: page.CookPage })));

export function App() {
  return (
    <Routes>
      <Route element={<Frame />}>
        <Route index element={<BraisesPage />} />
        <Route path="bring" element={<BringPage />} />
        <Route path="bring/:reading" element={<ReadingPage />} />
        <Route path="braises/:id" element={<WorkbenchPage />} />
        <Route path="cooks/:id" element={<CookPage />} />
        <Route path="notebook" element={<NotebookPage />} />
        <Route path="cookers" element={<CookersPage />} />
        <Route path="house" element={<HousePage />} />
        <Route path="cautions" element={<CautionsPage />} />
        <Route path="*" element={<NowherePage />} />
      </Route>
    </Routes>
  );
}
