using CsCheck;

namespace FairCompass.Core.Tests.Prescriptions;

public class ResolverTests
{
    private static string Load(string lines, string division, string duty)
    {
        var u = Demo.Understand(
            $"T\n  for Tideline, Estuary, Meadow, Anchor 45+\n  a/b is man/woman\n\n9:00 for reps\n  10 power clean, 70/47.5 kg\n{lines}"
        );
        var task = u.Courses[u.IndexOf(division, duty)].Pieces[0].Tasks[0].Prescription;
        return $"{task.Movement.Value} {task.Load?.Value.ToString() ?? "none"}";
    }

    [Theory]
    [InlineData("Tideline", "man", "power clean 70 kg")]
    [InlineData("Estuary", "woman", "power clean 40 kg")]
    [InlineData("Meadow", "man", "power clean 60 kg")]
    [InlineData("Anchor 45+", "woman", "power clean 35 kg")]
    public void The_nearest_division_of_the_own_chain_wins(string division, string duty, string expected) =>
        Assert.Equal(expected, Load("    Estuary: 60/40 kg\n    Anchor 45+ and woman: 35 kg\n", division, duty));

    [Fact]
    public void A_division_is_nearer_than_a_duty()
    {
        Assert.Equal("power clean 60 kg", Load("    woman: 30 kg\n    Estuary: 60 kg\n", "Meadow", "woman"));
        Assert.Equal("power clean 30 kg", Load("    woman: 30 kg\n    Estuary: 60 kg\n", "Tideline", "woman"));
    }

    [Fact]
    public void Another_movement_cuts_the_load()
    {
        Assert.Equal("sit-up none", Load("    Meadow: sit-up\n", "Meadow", "man"));
        Assert.Equal("deadlift 80 kg", Load("    Meadow: deadlift, 80/60 kg\n", "Meadow", "man"));
    }

    [Fact]
    public void Unset_stops_inheritance()
    {
        var u = Demo.Understand("T\n  for Tideline, Meadow\n\n9:00 for reps\n  10 power clean, 70/47.5 kg\n    Meadow: unset kg\n");
        Assert.True(u.Courses[u.IndexOf("Meadow", "man")].Pieces[0].Tasks[0].Prescription.Load!.Value.Values.HasUnset);
        Assert.Contains(u.Findings(), f => f.Rule == "nobody-has-said");
    }

    [Fact]
    public void The_heading_says_whose_value_comes_first()
    {
        var u = Demo.Understand("T\n  for Tideline\n  a/b is woman/man\n\n9:00 for reps\n  10 power clean, 40/60 kg\n");
        Assert.Equal("60 kg", u.Courses[u.IndexOf("Tideline", "man")].Pieces[0].Tasks[0].Prescription.Load!.Value.ToString());
        Assert.Contains(u.Findings(), f => f.Rule == "duty-order-differs");
    }

    /// <summary>Changing one line changes only addresses whose nearest match it was.</summary>
    [Fact]
    public void A_change_reaches_only_those_who_draw_on_it() =>
        Gen.Select(Lines, Gen.Int[0, 3], Gen.Int[1, 200])
            .Sample(
                (lines, at, value) =>
                {
                    if (lines.Count == 0)
                    {
                        return;
                    }

                    var index = at % lines.Count;
                    var before = All(lines);
                    var changed = lines.Select((l, i) => i == index ? l with { Kg = value + 300 } : l).ToList();
                    var after = All(changed);
                    foreach (var address in before.Keys)
                    {
                        if (before[address].Line != index + 4)
                        {
                            Assert.Equal(before[address].Kg, after[address].Kg);
                        }
                        else
                        {
                            Assert.Equal(value + 300, after[address].Kg);
                        }
                    }
                }
            );

    /// <summary>Writing an inherited value explicitly changes nothing that is resolved.</summary>
    [Fact]
    public void An_inherited_value_written_out_changes_nothing() =>
        Lines.Sample(lines =>
        {
            var before = All(lines);
            foreach (var name in new[] { "Estuary", "Meadow" })
            {
                if (
                    lines.Any(l => l.Who.StartsWith(name, StringComparison.Ordinal))
                    || before[name + " man"].Kg != before[name + " woman"].Kg
                )
                {
                    continue;
                }

                var after = All([.. lines, new(name, before[name + " man"].Kg)]);
                Assert.Equal(before.ToDictionary(p => p.Key, p => p.Value.Kg), after.ToDictionary(p => p.Key, p => p.Value.Kg));
            }
        });

    private sealed record Line(string Who, decimal Kg);

    private static readonly Gen<List<Line>> Lines = Gen.Select(
        Pick.Of("Tideline", "Estuary", "Meadow", "Anchor 45+", "woman", "Estuary and woman", "Meadow and man").List[0, 4],
        Gen.Int[1, 200].List[4, 4],
        (who, kg) => who.Distinct().Select((w, i) => new Line(w, kg[i])).ToList()
    );

    private static Dictionary<string, (decimal Kg, int Line)> All(List<Line> lines)
    {
        var text =
            "T\n\n9:00 for reps\n".Replace("\n\n", "\n  for Tideline, Estuary, Meadow, Anchor 45+\n", StringComparison.Ordinal)
            + "  10 power clean, 999 kg\n"
            + string.Concat(lines.Select(l => $"    {l.Who}: {l.Kg} kg\n"));
        var u = Demo.Understand(text);
        return u.Courses.ToDictionary(
            c => c.Address.ToString(),
            c =>
            {
                var load = c.Pieces[0].Tasks[0].Prescription.Load!;
                return (load.Value.Values.At(0)!.Value, load.From.At.Line - 1);
            }
        );
    }
}
