using FairCompass.Core.Standards;

namespace FairCompass.Core.Tests.Standards;

/// <summary>The published table of weightlifting faults (from memory of the international technical rules) names clauses that exist and
/// have a no-rep.</summary>
public class WeightliftingTests
{
    private static IEnumerable<string[]> Rows =>
        File.ReadLines(Page())
            .Where(l => l.StartsWith('|') && l.Contains('`', StringComparison.Ordinal))
            .Select(l => l.Split('|', StringSplitOptions.TrimEntries));

    [Fact]
    public void Every_fault_that_applies_maps_to_a_clause_with_a_no_rep()
    {
        Assert.True(Rows.Count() >= 10);
        Assert.All(
            Rows,
            r =>
            {
                var movement = MovementLibrary.Find(r[2])!;
                Assert.Contains(movement.Clauses, c => c.Id == r[3].Trim('`'));
                Assert.Contains(movement.Faults, f => f.Breaks == r[3].Trim('`'));
            }
        );
    }

    private static string Page()
    {
        var folder = new DirectoryInfo(AppContext.BaseDirectory);
        while (!File.Exists(Path.Combine(folder!.FullName, "FairCompass.slnx")))
        {
            folder = folder.Parent;
        }

        return Path.Combine(folder.FullName, "docs", "weightlifting-faults.md");
    }
}
