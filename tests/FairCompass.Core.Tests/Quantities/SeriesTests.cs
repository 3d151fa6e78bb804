using CsCheck;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Tests.Quantities;

/// <summary>Schemes and ladders against the numbers written out one by one.</summary>
public class SeriesTests
{
    private static readonly Gen<decimal> Value = Gen.Int[1, 4000].Select(n => n / 4m);

    private static Series Read(string scheme)
    {
        var read = Parser.Parse($"T\n  for Tideline\n\n9:00 for reps\n  {scheme} of\n    sit-up\n\nscore: reps\n");
        Assert.Empty(read.Problems);
        return ((Work.Scheme)((Stage.Window)read.Workout.Stages[0]).Items[0]).Of.First;
    }

    [Fact]
    public void A_list_is_its_terms_and_its_last_one_repeats() =>
        Gen.Int[1, 500]
            .List[2, 8]
            .Sample(terms =>
            {
                var series = Read(string.Join('-', terms));
                Assert.Equal(terms.Count, series.Length);
                for (var i = 0; i < terms.Count + 3; i++)
                {
                    Assert.Equal(terms[Math.Min(i, terms.Count - 1)], series.At(i));
                }
            });

    [Fact]
    public void A_ladder_without_end_goes_on_by_its_step() =>
        Gen.Select(Gen.Int[1, 50], Gen.Int[1, 20], Gen.Int[2, 4], Gen.Long[0, 1_000_000])
            .Sample(
                (first, step, written, far) =>
                {
                    var series = Read(string.Join('-', Enumerable.Range(0, written).Select(i => first + (i * step))) + "-...");
                    Assert.Null(series.Length);
                    Assert.True(series.HasEqualSteps);
                    Assert.Equal(step, series.Step);
                    Assert.Equal(first + (step * far), series.At(far));
                }
            );

    [Fact]
    public void A_closed_ladder_has_the_terms_up_to_its_last_and_then_stays() =>
        Gen.Select(Gen.Int[1, 50], Gen.Int[1, 20], Gen.Int[0, 30])
            .Sample(
                (first, step, more) =>
                {
                    var terms = Enumerable.Range(0, more + 3).Select(i => first + (i * step)).ToList();
                    var series = Read($"{terms[0]}-{terms[1]}-...-{terms[^1]}");
                    Assert.Equal(terms.Count, series.Length);
                    Assert.Equal(terms.Select(t => (decimal?)t), Enumerable.Range(0, terms.Count).Select(i => series.At(i)));
                    Assert.Equal(terms[^1], series.At(terms.Count + 7));
                }
            );

    [Fact]
    public void A_constant_is_the_same_in_every_round() =>
        Gen.Select(Value, Gen.Long[0, long.MaxValue])
            .Sample(
                (value, round) =>
                {
                    var series = Series.Of(new Number(value));
                    Assert.True(series.IsConstant);
                    Assert.Equal(value, series.At(round));
                    Assert.Equal(1, series.Length);
                }
            );

    [Fact]
    public void What_nobody_has_said_stays_unsaid_in_its_round_only()
    {
        var series = new Series([new(10), Number.Unset, new(6)], false, null);
        Assert.True(series.HasUnset);
        Assert.Equal([10m, null, 6m], new[] { series.At(0), series.At(1), series.At(2) });
        Assert.Null(new Series([new(2), Number.Unset], true, null).At(5));
        Assert.Null(new Series([new(2), Number.Unset], true, null).Length);
    }

    /// <summary>A number is read as it is written, to six digits and four decimals, and printed in its shortest form.</summary>
    [Fact]
    public void A_load_is_read_as_typed_and_printed_back() =>
        Gen.Select(Gen.Long[1, 9_999_999_999], Gen.Int[0, 4])
            .Sample(
                (digits, decimals) =>
                {
                    var value = decimal.Round(digits / 10_000m, decimals);
                    if (value == 0)
                    {
                        return;
                    }

                    var typed = value.ToString(System.Globalization.CultureInfo.InvariantCulture);
                    var read = Parser.Parse($"T\n  for Tideline\n\n9:00 for reps\n  10 deadlift, {typed} kg\n\nscore: reps\n");
                    Assert.Empty(read.Problems);
                    var load = ((Work.Task)((Stage.Window)read.Workout.Stages[0]).Items[0]).Details.OfType<Detail.Load>().Single();
                    Assert.Equal(value, load.Of.First.At(0));
                    Assert.Contains(Number.Normal(value), Printer.Print(read.Workout), StringComparison.Ordinal);
                }
            );

    /// <summary>A comma where a point is meant is not guessed at: it is said at its place, with what to write.</summary>
    [Fact]
    public void A_decimal_comma_is_refused_with_the_point() =>
        Gen.Select(Gen.Int[1, 500], Gen.Int[1, 99])
            .Sample(
                (whole, part) =>
                {
                    var line = $"  10 deadlift, {whole},{part} kg";
                    var text = $"T\n  for Tideline\n\n9:00 for reps\n{line}\n\nscore: reps\n";
                    var problem = Assert.Single(Parser.Parse(text).Problems);
                    Assert.Equal($"The comma separates details; write {whole}.{part}.", problem.Sentence);
                    Assert.Equal((5, line.IndexOf($"{whole},", StringComparison.Ordinal) + 1), (problem.At.Line, problem.At.Column));
                    var edit = problem.Mend!.Edit;
                    var lines = text.Split('\n');
                    lines[edit.Line - 1] = lines[edit.Line - 1].Remove(edit.Column - 1, edit.Length).Insert(edit.Column - 1, edit.Text);
                    Assert.Empty(Parser.Parse(string.Join('\n', lines)).Problems);
                }
            );
}
