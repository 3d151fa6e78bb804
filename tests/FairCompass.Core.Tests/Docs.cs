namespace FairCompass.Core.Tests;

/// <summary>The pages of <c>docs/</c> that are printed from the code.</summary>
internal static class Docs
{
    /// <summary>Compares a committed page with what the code prints; with <c>UPDATE_DOCS=1</c> it is written first.</summary>
    public static void Same(string name, string page)
    {
        var file = Path.Combine(Root(), "docs", name);
        if (Environment.GetEnvironmentVariable("UPDATE_DOCS") == "1")
        {
            Directory.CreateDirectory(Path.GetDirectoryName(file)!);
            File.WriteAllText(file, page);
        }

        Assert.Equal(page, File.ReadAllText(file));
    }

    /// <summary>The folder of the checkout.</summary>
    public static string Root()
    {
        var folder = AppContext.BaseDirectory;
        while (!File.Exists(Path.Combine(folder, "FairCompass.slnx")))
        {
            folder = Path.GetDirectoryName(folder)!;
        }

        return folder;
    }
}
