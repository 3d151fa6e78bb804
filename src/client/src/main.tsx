import "./styles/app.css";
import { queryClient } from "./api/queryClient";
import { QueryClientProvider } from "@tanstack/react-query";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { createBrowserRouter, Navigate, RouterProvider } from "react-router";
import { Broken } from "./frame/Broken";
import { Frame } from "./frame/Frame";
import { Start } from "./frame/Start";
import { Loading } from "./ui/Message";
import { nonce } from "./ui/nonce";

// The scroll lock of open dialogs adds a style tag; it reads the nonce from here.
(globalThis as { __webpack_nonce__?: string }).__webpack_nonce__ = nonce();

const router = createBrowserRouter([
  { path: "/", element: <Start />, errorElement: <Broken /> },
  {
    path: "/c/:cid",
    element: <Frame />,
    hydrateFallbackElement: <Loading what="Fair Compass" />,
    errorElement: <Broken />,
    children: [
      { index: true, lazy: async () => ({ Component: (await import("./competition/CompetitionPage")).CompetitionPage }) },
      { path: "workouts", lazy: async () => ({ Component: (await import("./drafting/WorkoutsPage")).WorkoutsPage }) },
      { path: "read", lazy: async () => ({ Component: (await import("./natural/ReadPage")).ReadPage }) },
      { path: "w/:wid", lazy: async () => ({ Component: (await import("./drafting/DraftingTable")).DraftingTable }) },
      { path: "standards", lazy: async () => ({ Component: (await import("./standards/BookPage")).BookPage }) },
      { path: "standards/policies", lazy: async () => ({ Component: (await import("./standards/PoliciesPage")).PoliciesPage }) },
      { path: "standards/compare", lazy: async () => ({ Component: (await import("./standards/ComparePage")).ComparePage }) },
      { path: "standards/write", lazy: async () => ({ Component: (await import("./writing/WritePage")).WritePage }) },
      { path: "standards/:mid", lazy: async () => ({ Component: (await import("./standards/StandardPage")).StandardPage }) },
      { path: "scoring/:wid?", lazy: async () => ({ Component: (await import("./scoring/ScoringPage")).ScoringPage }) },
      { path: "checks", lazy: async () => ({ Component: (await import("./checks/ChecksPage")).ChecksPage }) },
      { path: "dry-run/:wid?", lazy: async () => ({ Component: (await import("./dryrun/DryRunPage")).DryRunPage }) },
      { path: "publish/:wid?", lazy: async () => ({ Component: (await import("./publishing/PublishPage")).PublishPage }) },
      { path: "entries", lazy: async () => ({ Component: (await import("./day/EntriesPage")).EntriesPage }) },
      { path: "judges", lazy: async () => ({ Component: (await import("./day/OfficialsPage")).OfficialsPage }) },
      { path: "days", lazy: async () => ({ Component: (await import("./day/PlanPage")).PlanPage }) },
      { path: "times", lazy: async () => ({ Component: (await import("./day/TimesPapers")).TimesPapers }) },
      { path: "desk/:card?", lazy: async () => ({ Component: (await import("./desk/DeskPage")).DeskPage }) },
      { path: "results", lazy: async () => ({ Component: (await import("./results/ResultsPage")).ResultsPage }) },
      { path: "why/:workout/:entry", lazy: async () => ({ Component: (await import("./results/WhyPage")).WhyPage }) },
      { path: "drift", lazy: async () => ({ Component: (await import("./results/DriftPage")).DriftPage }) },
      { path: "statement", lazy: async () => ({ Component: (await import("./results/StatementPage")).StatementPage }) },
      { path: "slips", lazy: async () => ({ Component: (await import("./training/SlipsPage")).SlipsPage }) },
      { path: "training", lazy: async () => ({ Component: (await import("./training/TrainingPage")).TrainingPage }) },
      { path: "incidents", lazy: async () => ({ Component: (await import("./results/IncidentsPage")).IncidentsPage }) },
      { path: "cards/:heat?", lazy: async () => ({ Component: (await import("./day/CardsPage")).CardsPage }) },
      { path: "people", lazy: async () => ({ Component: (await import("./access/PeoplePage")).PeoplePage }) },
      { path: "log", lazy: async () => ({ Component: (await import("./access/LogPage")).LogPage }) },
      { path: "pack", lazy: async () => ({ Component: (await import("./briefs/PackPage")).PackPage }) },
      { path: "talk/:wid/:audience", lazy: async () => ({ Component: (await import("./briefs/TalkPage")).TalkPage }) },
      { path: "briefs/:wid?/:audience?", lazy: async () => ({ Component: (await import("./briefs/BriefPage")).BriefPage }) },
    ],
  },
  {
    path: "/p/:code?/:sheet?",
    errorElement: <Broken />,
    hydrateFallbackElement: <Loading what="Fair Compass" />,
    lazy: async () => ({ Component: (await import("./reading/ReaderPage")).ReaderPage }),
  },
  ...(
    [
      ["/sign-in", async () => (await import("./access/SignInPage")).SignInPage],
      ["/join", async () => (await import("./access/JoinPage")).JoinPage],
      ["/open", async () => (await import("./access/OpenPage")).OpenPage],
      ["/account", async () => (await import("./access/AccountPage")).AccountPage],
      ["/times/:cid", async () => (await import("./day/TimesPage")).TimesPage],
      ["/results/:cid", async () => (await import("./results/PublicPage")).PublicPage],
      ["/results/:cid/why/:workout/:entry", async () => (await import("./results/WhyPage")).WhyPage],
      ["/results/:cid/statement", async () => (await import("./results/PublicStatementPage")).PublicStatementPage],
      ["/hall/:cid", async () => (await import("./results/HallPage")).HallPage],
      ["/train/:cid", async () => (await import("./training/MyTrainingPage")).MyTrainingPage],
      ["/train/:cid/floor", async () => (await import("./training/FloorPage")).FloorPage],
      ["/train/:cid/together", async () => (await import("./training/TogetherPage")).TogetherPage],
      ["/together/:cid/:together", async () => (await import("./training/HallTogetherPage")).HallTogetherPage],
      ["/train/:cid/:sitting", async () => (await import("./training/SittingPage")).SittingPage],
      ["/papers/:cid", async () => (await import("./access/PublishedPage")).PublishedPage],
    ] as const
  ).map(([path, page]) => ({
    path,
    errorElement: <Broken />,
    hydrateFallbackElement: <Loading what="Fair Compass" />,
    lazy: async () => ({ Component: await page() }),
  })),
  { path: "*", element: <Navigate to="/" replace /> },
]);

createRoot(document.getElementById("root")!).render(
  <StrictMode>
    <QueryClientProvider client={queryClient}>
      <RouterProvider router={router} />
    </QueryClientProvider>
  </StrictMode>,
);
