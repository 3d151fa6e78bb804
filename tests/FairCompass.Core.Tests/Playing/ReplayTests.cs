using System.Diagnostics;
using System.Text.Json;
using FairCompass.Core.Courses;
using FairCompass.Core.Pacing;
using FairCompass.Core.Playing;
using FairCompass.Core.Tests.Notation;
using FairCompass.Play;

namespace FairCompass.Core.Tests.Playing;

/// <summary>
/// Runs of the demo workouts, replayed event by event by a script in another language that shares no code with the program
/// (tests/reference/replay.py): its own walk over every unit, its own clock, gates and scores.
/// </summary>
public class ReplayTests
{
    private static readonly int Runs = Depth.Times(15, 50);

    public static TheoryData<string> Numbers => new(DraftTexts.DemoNames.Select(n => n[5..7]));

    [Theory]
    [MemberData(nameof(Numbers))]
    public void The_script_agrees_after_each_event(string number)
    {
        var u = Demo.Understand(DraftTexts.Demo(number));
        var lines = new List<string>();
        for (var i = 0; i < Math.Min(2, u.Courses.Count); i++)
        {
            var player = new Player(u, i, PaceTable.Usual);
            for (var seed = 1UL; seed <= (ulong)Runs; seed++)
            {
                lines.AddRange(Records(number, u.Courses[i], player.Play(seed, (ulong)i), seed));
            }
        }

        var (code, said) = Replay(lines);
        Assert.True(code == 0, said);
        Assert.EndsWith(" events, 0 faults", said.Trim(), StringComparison.Ordinal);
        Assert.False(said.StartsWith("0 ", StringComparison.Ordinal), "nothing was replayed");
    }

    /// <summary>A script that finds nothing shows nothing: one more counted, and it says so.</summary>
    [Fact]
    public void The_script_finds_an_event_that_was_changed()
    {
        var u = Demo.Text("04");
        var record = Records("04", u.Courses[0], new Player(u, 0, PaceTable.Usual).Play(1), 1).Single();
        var (code, said) = Replay([record.Replace(",21,", ",22,", StringComparison.Ordinal)]);
        Assert.Equal(1, code);
        Assert.Contains("counted 22 at unit 21, here 21", said, StringComparison.Ordinal);
    }

    /// <summary>Nor a score over several counters: a calorie less at one station, and both scores of the crew are others.</summary>
    [Fact]
    public void The_script_finds_an_event_that_was_left_out()
    {
        var u = Demo.Text("11");
        var records = Records("11", u.Courses[0], new Player(u, 0, PaceTable.Usual).Play(1), 1).ToList();
        var row = records.FindIndex(r => r.Contains("\"station\":\"Row\"", StringComparison.Ordinal));
        records[row] = System.Text.RegularExpressions.Regex.Replace(records[row], @",\[[^\[]*\]\]\}$", "]}");
        var (code, said) = Replay(records);
        Assert.Equal(1, code);
        Assert.Matches("scored 185 calories, here 184 calories", said);
    }

    private static IEnumerable<string> Records(string number, Course plain, PlayedRun run, ulong seed)
    {
        var events = new Dictionary<(string, string), List<object?[]>>();
        var state = PlayedCourse.Start(plain, run.End.Sheet, run.End.Choices);
        foreach (var happening in run.Events)
        {
            var before = state;
            state = state.After(happening);
            if (happening.What is Happened.Done done)
            {
                var (was, piece) = (before.Piece(done.Piece)!.Strand(done.Strand)!.Next!, state.Piece(done.Piece)!);
                if (!events.TryGetValue((done.Piece, done.Strand), out var list))
                {
                    events[(done.Piece, done.Strand)] = list = [];
                }

                list.Add([
                    happening.At.Ms,
                    done.Units,
                    piece.Strand(done.Strand)!.Counted,
                    was.Rounds.Count > 0 ? was.Rounds[^1] : 0,
                    piece.Piece.Tasks[was.Task].Prescription.Movement.Value,
                ]);
            }
        }

        var scores = run.Score(plain, Demo.Competition.Unit).Select(s => s.Text).ToList();
        var ends = Timeline.Of(plain)!.Spans[^1].Ends.Ms;
        return events.Select(e =>
        {
            var work = plain.Piece(e.Key.Item1)!.Piece;
            return JsonSerializer.Serialize(
                new
                {
                    demo = number,
                    piece = e.Key.Item1,
                    strand = e.Key.Item2,
                    who = plain.Address.Duty?.ToString().ToLowerInvariant() ?? "team",
                    ends,
                    seed,
                    entry = plain.Address.ToString(),
                    score = scores[Math.Min(scores.Count - 1, int.Parse(e.Key.Item1, System.Globalization.CultureInfo.InvariantCulture))],
                    scores,
                    station = work.Station,
                    group = work.Group,
                    seat = work.Seat,
                    cycle = work.Cycle,
                    turn = work.Turn,
                    choices = run.End.Choices.Where(c => c.Piece == e.Key.Item1).Select(c => new object?[] { c.Task, c.Option, c.Round }),
                    tries = run
                        .Events.Select(h => h.What)
                        .OfType<Happened.Lifted>()
                        .Select(l => new object?[] { l.Piece, decimal.ToDouble(l.Load), l.Made }),
                    faults = run.Events.Select(h => h.What).OfType<Happened.FaultCalled>().Select(f => new[] { f.Piece, f.Fault }),
                    events = e.Value,
                }
            );
        });
    }

    private static (int Code, string Said) Replay(IEnumerable<string> lines)
    {
        var start = new ProcessStartInfo("python3", ["-B", Path.Combine(AppContext.BaseDirectory, "reference", "replay.py")])
        {
            RedirectStandardInput = true,
            RedirectStandardOutput = true,
            RedirectStandardError = true,
        };
        using var script = Process.Start(start)!;
        var said = script.StandardOutput.ReadToEndAsync();
        var wrong = script.StandardError.ReadToEndAsync();
        foreach (var line in lines)
        {
            script.StandardInput.WriteLine(line);
        }

        script.StandardInput.Close();
        script.WaitForExit();
        return (script.ExitCode, said.Result + wrong.Result);
    }
}
