using System.Text.Json.Serialization;
using FairCompass.Core.Quantities;
using FairCompass.Core.Text;

namespace FairCompass.Core.Competitions;

/// <summary>How places become points in the overall table.</summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(ByTable), "table")]
[JsonDerivedType(typeof(Linear), "linear")]
[JsonDerivedType(typeof(SumOfPlaces), "sumOfPlaces")]
public abstract record PointsRule
{
    private PointsRule() { }

    /// <summary>An own table, first place first; more points are better.</summary>
    /// <param name="Points">At least as many as there are entries; never rising.</param>
    public sealed record ByTable(Eq<decimal> Points) : PointsRule;

    /// <summary>So many for the first and less for each further place, never under 0; more points are better.</summary>
    /// <param name="First">Points of the first place, over 0.</param>
    /// <param name="Step">Less for each further place, over 0.</param>
    public sealed record Linear(decimal First, decimal Step) : PointsRule;

    /// <summary>The places themselves are added up; less is better.</summary>
    public sealed record SumOfPlaces : PointsRule;

    /// <summary>True when more is better.</summary>
    public bool MoreIsBetter => this is not SumOfPlaces;

    /// <summary>Points of a place.</summary>
    /// <param name="place">From 1.</param>
    public decimal Of(int place) =>
        this switch
        {
            ByTable t => place <= t.Points.Count ? t.Points[place - 1] : 0,
            Linear l => Math.Max(0, l.First - (l.Step * (place - 1))),
            _ => place,
        };

    /// <summary>The rule in a sentence.</summary>
    public string Sentence =>
        this switch
        {
            ByTable t => $"Places earn points by a table: {string.Join(", ", t.Points.Take(6).Select(Number.Normal))}"
                + $"{(t.Points.Count > 6 ? ", …" : "")}. More points are better.",
            Linear l => $"The first place earns {Number.Normal(l.First)} points, each further place {Number.Normal(l.Step)} less. More "
                + "points are better.",
            _ => "The places are added up. The smallest sum is best.",
        };
}

/// <summary>How the overall table is made.</summary>
/// <param name="Points">How places become points.</param>
/// <param name="AbsentEarn">
/// True when who withdrew or did not start still earns the points of the last place; false when they earn nothing (with a sum
/// of places: one place more than there are entries).
/// </param>
public sealed record OverallRule(PointsRule Points, bool AbsentEarn = false)
{
    /// <summary>What is used where nobody has said: 100 points for the first and one less for each further place.</summary>
    public static OverallRule Usual { get; } = new(new PointsRule.Linear(100, 1));

    /// <summary>Objections to a rule for a field of so many entries; paths begin with <c>points</c>.</summary>
    public IReadOnlyList<FieldError> Validate(int entries)
    {
        switch (Points)
        {
            case PointsRule.ByTable { Points: var table }:
                if (table.Count < entries)
                {
                    return [new("points.points", $"The table has {table.Count} places for {Words.Count(entries, "entry", "entries")}.")];
                }

                for (var i = 0; i < table.Count; i++)
                {
                    if (decimal.Round(table[i], 4) != table[i])
                    {
                        return [new($"points.points[{i}]", "At most four decimals.")];
                    }

                    if (table[i] < 0 || table[i] > 100_000 || (i > 0 && table[i] > table[i - 1]))
                    {
                        return
                        [
                            new(
                                $"points.points[{i}]",
                                table[i] is < 0 or > 100_000 ? "From 0 to 100,000." : $"Place {i + 1} would earn more than place {i}."
                            ),
                        ];
                    }
                }

                return [];
            case PointsRule.Linear l when l.First is <= 0 or > 100_000 || decimal.Round(l.First, 4) != l.First:
                return [new("points.first", "Over 0 and up to 100,000, with at most four decimals.")];
            case PointsRule.Linear l when l.Step is <= 0 or > 100_000 || decimal.Round(l.Step, 4) != l.Step:
                return [new("points.step", "Over 0 and up to 100,000, with at most four decimals.")];
            default:
                return [];
        }
    }
}
