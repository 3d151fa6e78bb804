namespace FairCompass.Core.Tests;

/// <summary>Small files, one idea each.</summary>
public class FileSizeTests
{
    private const int MostLines = 400;

    [Fact]
    public void No_file_is_over_400_lines()
    {
        var root = Docs.Root();
        string[] folders = ["src/FairCompass.Core", "src/FairCompass.Store", "src/FairCompass.Web", "src/client/src", "tests"];
        var files = folders
            .SelectMany(f => Directory.EnumerateFiles(Path.Combine(root, f), "*.*", SearchOption.AllDirectories))
            .Where(f => Path.GetExtension(f) is ".cs" or ".ts" or ".tsx" or ".css" or ".sql" or ".mjs")
            .Where(f =>
                !f.Split('/').Any(p => p is "obj" or "bin" or "node_modules") && !f.EndsWith("api/schema.ts", StringComparison.Ordinal)
            )
            .ToList();
        Assert.True(files.Count > 300, $"{files.Count} files");
        var sizes = files.Select(f => (Lines: File.ReadLines(f).Count(), File: Path.GetRelativePath(root, f)));
        Assert.DoesNotContain(sizes, f => f.Lines > MostLines);
    }
}
