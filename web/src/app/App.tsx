import { Route, Routes } from "react-router";
import { BraisesPage } from "../braises/BraisesPage";
import { BringPage } from "../bring/BringPage";
import { CookersPage } from "../cookers/CookersPage";
import { HousePage } from "../house/HousePage";
import { NotebookPage } from "../notebook/NotebookPage";
import { CautionsPage } from "../safety/CautionsPage";
import { CookPage } from "../watch/CookPage";
import { WorkbenchPage } from "../workbench/WorkbenchPage";
import { Frame } from "./Frame";
import { NowherePage } from "./NowherePage";

export function App() {
  return (
    <Routes>
      <Route element={<Frame />}>
        <Route index element={<BraisesPage />} />
        <Route path="bring" element={<BringPage />} />
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
