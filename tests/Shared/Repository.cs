namespace FairCompass.Tests.Shared;

/// <summary>Finds files of the checkout.</summary>
public static class Repository
{
    public static string Path(string relative)
    {
        var folder = AppContext.BaseDirectory;
        while (!File.Exists(System.IO.Path.Combine(folder, "FairCompass.slnx")))
        {
            folder = System.IO.Path.GetDirectoryName(folder)!;
        }

        return System.IO.Path.Combine(folder, relative);
    }
}
