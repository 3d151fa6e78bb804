using System.IO.Compression;

namespace FairCompass.Documents;

/// <summary>
/// Gets the text of a file as coaches have them: plain text, Markdown, tables with separators, web pages, spreadsheets, documents, PDF.
/// What a file is shows in its first bytes; its name only tells a table with commas from prose. Nothing in a file is carried out, and no
/// link in it is followed.
/// </summary>
public static class DocumentReader
{
    /// <summary>Bytes of a file beyond which it is not looked at.</summary>
    public const int MostBytes = 10 * 1024 * 1024;

    /// <summary>Characters of the text beyond which it is no workout, and no programme of them.</summary>
    public const int MostCharacters = 400_000;

    /// <summary>Gets the text of a file.</summary>
    /// <param name="file">Its bytes.</param>
    /// <param name="name">What it is called; null where nobody says.</param>
    public static DocumentText Read(byte[] file, string? name = null)
    {
        if (file.Length > MostBytes)
        {
            return DocumentText.No("", $"This file has {file.Length / 1024 / 1024} MB; at most {MostBytes / 1024 / 1024} MB are read.");
        }

        try
        {
            var read = Of(file, name);
            return read.Text.Length > MostCharacters
                ? DocumentText.No(read.Kind, $"This file has {read.Text.Length} characters of text; at most {MostCharacters} are read.")
                : read;
        }
        catch (TooMuchException e)
        {
            return DocumentText.No("", e.Message);
        }
        catch (Exception e) when (IsDamage(e))
        {
            return DocumentText.No("", "This file is damaged, or not what it says it is.");
        }
    }

    private static DocumentText Of(byte[] file, string? name) =>
        file.Length == 0 ? DocumentText.No("", "This file is empty.")
        : Begins(file, "PK\u0003\u0004"u8) ? Packed(file)
        : Begins(file, "%PDF-"u8) ? PdfText.Of(file)
        : Begins(file, [0xD0, 0xCF, 0x11, 0xE0])
            ? DocumentText.No("", "This is a file of an older office program, or one with a password. Save it anew as .docx or .xlsx.")
        : PlainText.Of(file, name);

    private static bool Begins(byte[] file, ReadOnlySpan<byte> with) => file.AsSpan().StartsWith(with);

    private static DocumentText Packed(byte[] file)
    {
        using var stream = new MemoryStream(file, writable: false);
        using var zip = new ZipArchive(stream, ZipArchiveMode.Read);
        var inside = zip.Entries.Select(e => e.FullName).ToHashSet(StringComparer.Ordinal);
        if (inside.Contains("word/document.xml"))
        {
            return Unpacking.Objection(zip) is { } why ? DocumentText.No("document", why) : WordText.Of(file);
        }

        if (inside.Contains("xl/workbook.xml"))
        {
            return Unpacking.Objection(zip) is { } why ? DocumentText.No("spreadsheet", why) : SheetText.Of(file);
        }

        return DocumentText.No("", "This is a packed file with neither a document (.docx) nor a spreadsheet (.xlsx) in it.");
    }

    /// <summary>What the readers of formats throw on a file that is not as its format demands. Their kinds are many, so all are taken but
    /// those that say that the program itself cannot go on.</summary>
    private static bool IsDamage(Exception e) => e is not (OutOfMemoryException or StackOverflowException or OperationCanceledException);
}
