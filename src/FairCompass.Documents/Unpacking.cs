using System.IO.Compression;

namespace FairCompass.Documents;

/// <summary>Looks through a packed file before anything of it is used: few bytes can unpack to very many.</summary>
internal static class Unpacking
{
    /// <summary>Bytes of all parts together, unpacked.</summary>
    private const long MostBytes = 60L * 1024 * 1024;

    /// <summary>Parts: a document has some dozens.</summary>
    private const int MostParts = 2000;

    /// <summary>Why a packed file is not used; null where it may be. The sizes that it states are not believed.</summary>
    public static string? Objection(ZipArchive zip)
    {
        if (zip.Entries.Count > MostParts)
        {
            return $"This file has {zip.Entries.Count} parts; at most {MostParts} are read.";
        }

        var left = MostBytes;
        var piece = new byte[64 * 1024];
        foreach (var part in zip.Entries)
        {
            using var stream = part.Open();
            for (int n; (n = stream.Read(piece)) > 0; )
            {
                if ((left -= n) < 0)
                {
                    return $"This file unpacks to more than {MostBytes / 1024 / 1024} MB, so it is not read.";
                }
            }
        }

        return null;
    }
}
