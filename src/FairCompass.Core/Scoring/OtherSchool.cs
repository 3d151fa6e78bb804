using FairCompass.Core.Quantities;

namespace FairCompass.Core.Scoring;

/// <summary>What a result would be under the other school for the cap.</summary>
public static class OtherSchool
{
    /// <summary>The same sheet with penalty for cap line and cap line for penalty; null when no component has a cap.</summary>
    public static ScoreSheet? Of(ScoreSheet sheet)
    {
        if (!sheet.Components.Any(c => c.Cap is CapRule.CapLine or CapRule.Penalty))
        {
            return null;
        }

        return sheet with
        {
            Components = sheet
                .Components.Select(c =>
                    c with
                    {
                        Cap = c.Cap switch
                        {
                            CapRule.CapLine => new CapRule.Penalty(Duration.Seconds(1), FromLongest: true),
                            CapRule.Penalty => new CapRule.CapLine(),
                            _ => c.Cap,
                        },
                    }
                )
                .ToEq(),
        };
    }

    /// <summary>The difference in a sentence.</summary>
    public static string Sentence(CapRule? cap) =>
        cap is CapRule.Penalty
            ? "Under the cap line the order is the same, because everybody has the same number of reps; it differs once the "
                + "value is added to another score."
            : "With a penalty of 1 s for each missing rep the order is the same, because everybody has the same number of reps; "
                + "it differs once the value is added to another score.";
}
