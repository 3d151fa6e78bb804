using System.IO.Compression;

namespace FairCompass.Documents;

/// <summary>Looks through a packed file before anything of it is used: few bytes can unpack to very many.</summary>
internal static class Unpacking
{
    /// <summary>Bytes of all parts together, unpacked: a sheet of 100,000 rows has some 10 MB.</summary>
    private const long MostBytes = 30L * 1024 * 1024;

    /// <summary>Parts: a document has some dozens.</summary>
    private const int MostParts = 2000;

    /// <summary>Why a packed file is not used; null where it may be. The sizes that it states are not believed.</summary>
    /// <exception cref="System.Xml.XmlException">A part that should be XML is none.</exception>
    public static string? Objection(ZipArchive zip)
    {
        if (zip.Entries.Count > MostParts)
        {
            return $"This file has {zip.Entries.Count} parts; at most {MostParts} are read.";
        }

        var left = MostBytes;
        foreach (var part in zip.Entries)
        {
            using var whole = Unpacked(part, left);
            if ((left -= whole.Length) < 0)
            {
                return $"This file unpacks to more than {MostBytes / 1024 / 1024} MB, so it is not read.";
            }

            if (part.FullName.EndsWith(".xml", StringComparison.OrdinalIgnoreCase) && Nesting.IsTooDeep(whole))
            {
                return $"In this file things stand more than {Nesting.Most} deep in one another, so it is not read.";
            }
        }

        return null;
    }

    /// <summary>A part, and of one that is longer than so many bytes the first of them and a little more.</summary>
    private static MemoryStream Unpacked(ZipArchiveEntry part, long most)
    {
        var whole = new MemoryStream();
        var piece = new byte[64 * 1024];
        using var stream = part.Open();
        for (int n; whole.Length <= most && (n = stream.Read(piece)) > 0; )
        {
            whole.Write(piece, 0, n);
        }

        whole.Position = 0;
        return whole;
    }
}
