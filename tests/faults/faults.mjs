// People work on drafts of one competition while the database is killed, the application is killed, the database stands still,
// and answers get lost. What was acknowledged must be there afterwards, once.
import { execFileSync, spawn } from "node:child_process";
import { randomUUID } from "node:crypto";
import http from "node:http";

const { FAULTS_ROOT: root, FAULTS_DATA: data, FAULTS_CONNECTION: connection } = process.env;
const long = process.argv.includes("--long");
const rounds = long ? 50 : 2;
const seed = Number(process.env.FAULTS_SEED ?? Math.floor(Math.random() * 1e9));
console.log(`faults: seed ${seed}, ${rounds} of each`);

// Mulberry32, a small generator of the public domain: the same seed gives the same run, as far as timing lets it.
let state = seed;
const random = () => {
  state = (state + 0x6d2b79f5) | 0;
  let t = Math.imul(state ^ (state >>> 15), 1 | state);
  t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
  return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
};

const sleep = (ms) => new Promise((r) => setTimeout(r, ms));
const port = 20000 + Math.floor(Math.random() * 20000);
const base = `http://127.0.0.1:${port}`;
let app;

// Cut off in the middle, it leaves nothing running.
process.on("exit", () => app?.kill("SIGKILL"));
for (const signal of ["SIGINT", "SIGTERM", "SIGHUP"]) process.on(signal, () => process.exit(1));

/**
 * One request on a connection of its own. The built-in fetch shares its connections; when the application is killed under several
 * of them, it now and then answers none of them, nor any later one, and the run would stand still.
 */
let cookie = "";

function request(method, path, body, { headers = {}, signal, within = 30_000 } = {}) {
  return new Promise((resolve, reject) => {
    const sent = http.request(base + path, { method, agent: false, signal, headers: { "Content-Type": "application/json", ...(cookie ? { Cookie: cookie, "Fair-Compass-Proof": /fair-compass-proof=([\w-]+)/.exec(cookie)[1] } : {}), ...headers } }, (answer) => {
      const parts = [];
      answer.on("data", (part) => parts.push(part));
      answer.on("error", reject);
      answer.on("close", () => (answer.complete ? resolve({ status: answer.statusCode, cookies: answer.headers["set-cookie"] ?? [], text: Buffer.concat(parts).toString() }) : reject(new Error("cut off"))));
    });
    sent.on("error", reject);
    sent.setTimeout(within, () => sent.destroy(new Error("no answer")));
    sent.end(body === undefined ? undefined : JSON.stringify(body));
  });
}

// Whatever stands still, the run ends and says so.
setTimeout(() => {
  console.log("faults: the run stands still");
  process.exit(1);
}, rounds * 240_000).unref();

async function startApp() {
  app = spawn("dotnet", [`${root}/src/FairCompass.Web/bin/Release/net10.0/FairCompass.Web.dll`, "--urls", base], {
    env: {
      ...process.env,
      ConnectionStrings__FairCompass: connection,
      Demo: "true",
      // A day that was run takes long to make beside other tests, and nothing here is about it.
      DemoResults: "false",
      Client: `${root}/src/client/dist`,
      ASPNETCORE_ENVIRONMENT: "Production",
      Logging__LogLevel__Default: "None",
    },
    stdio: "ignore",
  });
  const mine = app;
  for (let i = 0; i < 2400; i++) {
    if (await request("GET", "/api/health", undefined, { within: 2000 }).then((r) => r.status === 200, () => false)) return;
    if (mine.exitCode !== null) return startApp();
    await sleep(50);
  }
  throw new Error("the application does not start");
}

/** Signs in as the demo’s organiser; a session outlives the application. */
async function signIn() {
  const answer = await request("POST", "/api/session", { name: "Demo organiser", passphrase: "quayside tide table" });
  if (answer.status !== 204) throw new Error(`sign-in: ${answer.status}`);
  cookie = answer.cookies.map((c) => c.split(";")[0]).join("; ");
}

const pg = (what) => execFileSync(`${root}/tests/faults/pg`, [what, data], { stdio: "ignore" });
const psql = (sql) =>
  execFileSync("bash", ["-c", `. ${root}/scripts/common.sh; "$(pg_bin)/psql" -h 127.0.0.1 -p "$(cat ${data}/port)" -U faircompass -d faircompass -AtF ' '`], {
    input: sql,
    env: { ...process.env, PGPASSWORD: process.env.PGPASSWORD },
  })
    .toString()
    .trim()
    .split("\n")
    .filter(Boolean);

const violations = [];
const said = { saves: 0, versions: 0, made: 0, retries: 0, conflicts: 0, explained: 0 };

/** One request, sent again under the same id until it is answered for good; now and then its answer is thrown away. */
async function certain(method, path, body, headers = {}) {
  for (;;) {
    const cut = new AbortController();
    const timer = random() < 0.2 ? setTimeout(() => cut.abort(), random() * 20) : undefined;
    try {
      const answer = await request(method, path, body, { headers, signal: cut.signal });
      if (answer.status < 500) return { status: answer.status, body: answer.text === "" ? null : JSON.parse(answer.text) };
    } catch {
      // Cut off, refused, or killed: nobody knows whether it was done.
    } finally {
      clearTimeout(timer);
    }
    said.retries++;
    await sleep(30 + random() * 50);
  }
}

let working = true;
const text = (name, lines) => `${name}\n  for Tideline\n\n9:00 for reps\n  max sit-up\n\nscore: reps\n  tie: shared\n${lines.join("")}`;

/** Saves a draft of its own again and again. */
async function writer(cid, n) {
  const key = randomUUID();
  const made = await certain("POST", `/api/competitions/${cid}/workouts`, { body: text(`Writer ${n}`, []) }, { "Idempotency-Key": key });
  said.made++;
  let { id, revision } = made.body;
  const lines = [];
  while (working) {
    // A draft has at most 500 lines, or it is not published; a long run begins the remarks anew.
    if (lines.length === 300) lines.length = 0;
    lines.push(`// ${n}-${said.saves}\n`);
    const saved = await certain("PUT", `/api/workouts/${id}`, { baseRevision: revision, saveId: randomUUID(), body: text(`Writer ${n}`, lines) });
    if (saved.status !== 200) {
      violations.push(`writer ${n}: its own save is answered ${saved.status}`);
      return;
    }
    if (saved.body.revision !== revision + 1) violations.push(`writer ${n}: revision ${revision} became ${saved.body.revision}`);
    revision = saved.body.revision;
    said.saves++;
    if (n === 0 && lines.length % 5 === 0) {
      const interview = await certain("GET", `/api/workouts/${id}/interview`);
      const version = await certain("POST", `/api/workouts/${id}/publish`, {
        baseRevision: revision,
        competitionRevision: interview.body.competitionRevision,
        saveId: randomUUID(),
        holdsFrom: "",
        note: `${lines.length}`,
      });
      // Remarks are not published, so only the first says something new.
      if (version.status === 200) said.versions++;
      else if (version.status !== 409) violations.push(`publishing is answered ${version.status}`);
    }
  }
  const now = await certain("GET", `/api/workouts/${id}`);
  if (now.body.body !== text(`Writer ${n}`, lines)) violations.push(`writer ${n}: the last save is not what is stored`);
}

/** Two windows on one draft: each adds lines, and takes over what the other added when it is told. */
async function windows(cid) {
  const made = await certain("POST", `/api/competitions/${cid}/workouts`, { body: text("Both", []) }, { "Idempotency-Key": randomUUID() });
  const { id } = made.body;
  const kept = [];
  const window = async (name) => {
    let { body, revision } = (await certain("GET", `/api/workouts/${id}`)).body;
    for (let i = 0; working; i++) {
      const line = `// ${name}-${i}\n`;
      for (;;) {
        const saved = await certain("PUT", `/api/workouts/${id}`, { baseRevision: revision, saveId: randomUUID(), body: body + line });
        if (saved.status === 200) {
          ({ body, revision } = saved.body);
          break;
        }
        said.conflicts++;
        ({ body, revision } = saved.body.current);
        // The retry of a save that was done is told what came since, over its own text.
        if (body.includes(line)) break;
      }
      kept.push(line);
      said.saves++;
      await sleep(random() * 15);
    }
  };
  await Promise.all([window("left"), window("right")]);
  const now = await certain("GET", `/api/workouts/${id}`);
  for (const line of kept) {
    const times = now.body.body.split(line).length - 1;
    if (times !== 1) violations.push(`two windows: ${line.trim()} is there ${times} times`);
  }
}

async function faults(cid) {
  const explain = () =>
    request("POST", `/api/competitions/${cid}/explain`, { doc: 1, body: text("T", []), rows: 24 }).then((r) => r.status);
  for (let i = 0; i < rounds; i++) {
    await sleep(600 + random() * 400);
    pg("kill");
    await sleep(random() * 300);
    pg("start");
    await sleep(600 + random() * 400);
    app.kill("SIGKILL");
    await sleep(random() * 200);
    await startApp();
    await explain();
    await sleep(1100);
    pg("stop-all");
    let answered = 0;
    const asked = Promise.race([explain().then((s) => (answered = s)), sleep(5000)]);
    await asked;
    pg("continue-all");
    if (answered === 200) said.explained++;
    else violations.push(`a keystroke while the database stands still is answered ${answered || "after 5 s, or never"}`);
  }
}

await startApp();
await signIn();
try {
  const [{ id: cid }] = (await certain("GET", "/api/competitions")).body;
  const people = [...Array(long ? 8 : 4).keys()].map((n) => writer(cid, n));
  people.push(windows(cid));
  await faults(cid);
  working = false;
  await Promise.all(people);

  // Nothing doubled, no gaps: revisions and versions count from 1.
  for (const gap of psql("select workout_id from workout_revision group by workout_id having count(*) <> max(revision)"))
    violations.push(`gaps in the history of ${gap}`);
  for (const gap of psql("select workout_id from published group by workout_id having count(*) <> max(number)"))
    violations.push(`gaps in the versions of ${gap}`);
  const drafts = Number(psql("select count(*) from workout where body like 'Writer %' or body like 'Both%'")[0]);
  if (drafts !== said.made + 1) violations.push(`${drafts} drafts were made, ${said.made + 1} acknowledged`);
} finally {
  app.kill("SIGTERM");
}

console.log(`faults: ${JSON.stringify(said)}`);
for (const v of violations) console.log(`faults: ${v}`);
process.exit(violations.length === 0 && said.saves > 0 ? 0 : 1);
