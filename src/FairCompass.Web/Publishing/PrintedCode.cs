using FairCompass.Core.Drafts;
using FairCompass.Store;
using FairCompass.Web.Hosting;

namespace FairCompass.Web.Publishing;

/// <summary>A code as people type it from a paper: the version it stands for, or why it stands for none.</summary>
public sealed class PrintedCode
{
    private readonly FieldsRefused? misread;
    private readonly NotThere? unknown;

    private PrintedCode(PublishedVersion? version, FieldsRefused? misread, NotThere? unknown) =>
        (Version, this.misread, this.unknown) = (version, misread, unknown);

    /// <summary>The version; null when there is none, and then exactly one of the refusals says why.</summary>
    public PublishedVersion? Version { get; }

    /// <summary>True when the check character says that it was misread; else no version has the code.</summary>
    public bool IsMisread => misread is not null;

    /// <summary>A character was misread.</summary>
    public FieldsRefused Misread => misread ?? throw new InvalidOperationException("This code is well written.");

    /// <summary>No version has this code.</summary>
    public NotThere Unknown => unknown ?? throw new InvalidOperationException("This code is misread or known.");

    /// <summary>Looks a code up; a mistyped one is told from an unknown one by its check character.</summary>
    public static async Task<PrintedCode> Read(string typed, PublishedStore published, CancellationToken cancel)
    {
        if (Fingerprint.Read(typed) is not { } code)
        {
            // A paper printed with the check character of before: it is one only if such a version was published.
            return Fingerprint.ReadOlder(typed) is { } older && await published.Find(older, cancel) is { } printed
                ? new(printed, null, null)
                : new(null, new("code", "This is not a code of a paper; it looks like 7K2M-9QXR-T. Was a character misread?"), null);
        }

        return await published.Find(code, cancel) is { } found
            ? new(found, null, null)
            : new(
                null,
                null,
                new("No published version has this code.", "It may have been printed from a draft that was never published.")
            );
    }
}
