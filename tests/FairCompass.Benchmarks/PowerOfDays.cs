using System.Globalization;
using FairCompass.Comparability;
using FairCompass.Core.Tests.Comparability;

namespace FairCompass.Benchmarks;

/// <summary>How often a biased judge is found on made-up days, by bias and plan: the table and the plot of <c>docs/comparability.md</c>.
/// </summary>
public static class PowerOfDays
{
    private const double Alarms = 0.05;
    private static readonly double[] Biases = [1, 1.25, 1.5, 1.75, 2, 2.5, 3];

    private static readonly (string Name, SimulatedDay Day, string Dash)[] Plans =
    [
        ("8 judges", new(60, 8, 6), ""),
        ("12 judges", new(60, 12, 6), "7 4"),
        ("24 judges", new(60, 24, 6), "2 4"),
        ("12 judges, one sees a third alone", new SimulatedDay(60, 12, 6) { Confounded = true }, "10 3 2 3"),
    ];

    /// <summary>Prints the table, and writes the plot beside where it is run.</summary>
    /// <param name="days">Days for each point.</param>
    public static void Print(int days)
    {
        MathNet.Numerics.Control.UseSingleThread();
        var lines = new List<string>();
        Console.WriteLine($"| plan | {string.Join(" | ", Biases.Select(b => b == 1 ? "nobody biased" : Said(b) + " times"))} |");
        Console.WriteLine($"|---|{string.Concat(Biases.Select(_ => "---|"))}");
        foreach (var (name, day, dash) in Plans)
        {
            var found = Biases.Select(b => Found(day with { Bias = b }, days)).ToList();
            Console.WriteLine($"| {name} | {string.Join(" | ", found.Select(f => $"{Said(100.0 * f / days)} %"))} |");
            var points = Biases.Select((b, i) => $"{Said(X(b))},{Said(Y(1.0 * found[i] / days))}").ToList();
            lines.Add($"""<polyline points="{string.Join(" ", points)}" fill="none" {Line(dash)}/>""");
        }

        File.WriteAllText("power.svg", Plot(lines));
    }

    private static int Found(SimulatedDay day, int days) =>
        ParallelEnumerable
            .Range(0, days)
            .Count(seed =>
                DayDrift.Of(day.Make(seed), Alarms)!.Judges.GetValueOrDefault(SimulatedDay.Judge(0))?.Kind
                    is DriftKind.Strict
                        or DriftKind.Lenient
            );

    private static string Line(string dash) => $"""stroke="#1c2b33" stroke-width="2" stroke-dasharray="{dash}" """;

    private static double X(double bias) => 60 + (200 * (bias - 1));

    private static double Y(double share) => 280 - (250 * share);

    private static string Said(double value) => Math.Round(value, 2).ToString(CultureInfo.InvariantCulture);

    private static string Plot(List<string> lines)
    {
        var text = new List<string>
        {
            """<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 720 330" font-family="sans-serif" font-size="13" fill="#1c2b33">""",
            """<rect width="720" height="330" fill="#fff"/>""",
        };
        foreach (var share in (double[])[0, 0.25, 0.5, 0.75, 1])
        {
            text.Add($"""<path d="M60 {Said(Y(share))}H460" stroke="#c9cfd2"/>""");
            text.Add($"""<text x="52" y="{Said(Y(share) + 4)}" text-anchor="end">{Said(100 * share)}</text>""");
        }

        text.AddRange(Biases.Select(b => $"""<text x="{Said(X(b))}" y="300" text-anchor="middle">{Said(b)}</text>"""));
        text.Add("""<text x="260" y="322" text-anchor="middle">times the no-reps of an ordinary judge</text>""");
        text.Add("""<text x="60" y="20">days of a hundred on which the judge is flagged</text>""");
        text.AddRange(lines);
        text.AddRange(
            Plans.Select(
                (p, i) => $"""<path d="M480 {160 + (i * 24)}h40" {Line(p.Dash)}/><text x="528" y="{164 + (i * 24)}">{p.Name}</text>"""
            )
        );
        text.Add("</svg>");
        return string.Join("\n", text) + "\n";
    }
}
