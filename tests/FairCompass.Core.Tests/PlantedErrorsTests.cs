using System.Text.Json;

namespace FairCompass.Core.Tests;

/// <summary>The list of planted errors: each still changes code that is there.</summary>
public class PlantedErrorsTests
{
    private sealed record Planted(string What, string File, string Find, string Put);

    [Fact]
    public void Each_changes_code_that_is_there()
    {
        var root = Docs.Root();
        var all = JsonSerializer.Deserialize<List<Planted>>(
            File.ReadAllText(Path.Combine(root, "tests/planted/errors.json")),
            JsonSerializerOptions.Web
        )!;
        Assert.True(all.Count >= 20, $"{all.Count} errors");
        Assert.All(
            all,
            error =>
            {
                Assert.NotEqual(error.Find, error.Put);
                Assert.Contains(error.Find, File.ReadAllText(Path.Combine(root, error.File)), StringComparison.Ordinal);
            }
        );
    }
}
