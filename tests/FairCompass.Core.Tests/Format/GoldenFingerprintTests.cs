using FairCompass.Core.Drafts;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Format;

/// <summary>
/// Fingerprints of the demo as they were first printed. A record that is renamed, a folder that moves, a library that is
/// replaced must not change one of them: papers in people's hands carry them. Another edition of the library does, for a draft means
/// other rules then; what was published keeps its standards, and so its code.
/// </summary>
public class GoldenFingerprintTests
{
    public static TheoryData<string, string> Prints
    {
        get
        {
            var prints = new TheoryData<string, string>();
            foreach (var line in DraftTexts.Read("golden/fingerprints.txt").Split('\n', StringSplitOptions.RemoveEmptyEntries))
            {
                prints.Add(line.Split(' ')[0], line.Split(' ')[1]);
            }

            return prints;
        }
    }

    [Theory]
    [MemberData(nameof(Prints))]
    public void The_fingerprint_stays(string draft, string begins) =>
        Assert.Equal(begins, Fingerprint.Of(Demo.Understand(DraftTexts.Demo(draft))).Sha256[..begins.Length]);
}
