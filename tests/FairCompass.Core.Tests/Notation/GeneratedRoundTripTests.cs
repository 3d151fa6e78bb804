using CsCheck;
using FairCompass.Core.Format;
using FairCompass.Core.Notation;

namespace FairCompass.Core.Tests.Notation;

public class GeneratedRoundTripTests
{
    /// <summary>Fewer in a run that somebody waits for.</summary>
    private static bool Short => Environment.GetEnvironmentVariable("LONG") is null;

    [Fact]
    public void Printing_and_reading_any_workout_gives_it_back() =>
        WorkoutGen.Any.Sample(
            workout =>
            {
                var text = Printer.Print(workout);
                if (text.Split('\n').Any(l => l.Length > NotationLimits.LineLength))
                {
                    // Random lists of details can be longer than a line may be; that refusal has its own test.
                    return;
                }

                var result = Parser.Parse(text);
                Assert.True(result.Problems.Count == 0, text + "\n" + string.Join('\n', result.Problems));
                Assert.Equal(WorkoutJson.Write(workout), WorkoutJson.Write(result.Workout));
                Assert.Equal(workout, result.Workout);
                Assert.Equal(text, Printer.Print(result.Workout));
            },
            iter: 3000
        );

    [Fact]
    public void Json_of_any_workout_gives_it_back() =>
        WorkoutGen.Any.Sample(workout => Assert.Equal(workout, WorkoutJson.Read(WorkoutJson.Write(workout))), iter: 1000);

    /// <summary>Mutated texts find ambiguities that generated models never show.</summary>
    [Fact]
    public void Whatever_parses_of_a_mutated_text_prints_and_parses_to_the_same() =>
        Mutation.Sample(
            text =>
            {
                var result = Parser.Parse(text);
                if (result.Problems.Count == 0)
                {
                    var again = Parser.Parse(Printer.Print(result.Workout));
                    Assert.True(
                        again.Problems.Count == 0 && again.Workout == result.Workout,
                        $"{text}\n---\n{Printer.Print(result.Workout)}\n{string.Join('\n', again.Problems)}"
                    );
                }
            },
            iter: Short ? 2_500 : 20_000
        );

    [Fact]
    public void No_text_crashes_and_every_place_is_inside_it() =>
        Gen.OneOf(Mutation, Gen.String[Gen.Char[" \n/-.:,()aAzZ0123456789x÷é\u202e\ud83d\t\r"], 0, 400], Gen.String)
            .Sample(
                text =>
                {
                    var lines = text.Split('\n');
                    var explanation = Demo.Explain(text);
                    foreach (var f in explanation.Findings)
                    {
                        Assert.InRange(f.At.Line, 1, Math.Max(1, lines.Length));
                        Assert.InRange(f.At.Column, 1, lines[f.At.Line - 1].Length + 1);
                    }
                },
                iter: Short ? 400 : 3_000
            );

    internal static Gen<string> Mutation { get; } =
        Gen.Select(
            Pick.Of(DraftTexts.DemoNames.Select(DraftTexts.Read).ToArray()),
            Gen.Select(
                Gen.Int[0, 5],
                Gen.Int[0, 2000],
                Gen.Int[0, 12],
                Pick.Of(" ", "  ", "\n", ",", ":", "/", "-", "0", "7", "a", "kg", "unset", "(x)", "// y", " x ", "of", "rounds", "...", "Ä")
            ).List[1, 3],
            (text, edits) =>
            {
                foreach (var (kind, at, length, insert) in edits)
                {
                    var from = text.Length == 0 ? 0 : at % text.Length;
                    var to = Math.Min(text.Length, from + length);
                    text = kind switch
                    {
                        0 => text.Remove(from, to - from),
                        1 => text.Insert(from, insert),
                        2 => text[..from] + insert + text[to..],
                        3 => text.Insert(from, text[from..to]),
                        4 => string.Join('\n', text.Split('\n').Where((_, i) => i != at % text.Split('\n').Length)),
                        _ => text[..from] + new string(text[from..to].Reverse().ToArray()) + text[to..],
                    };
                }

                return text;
            }
        );
}
