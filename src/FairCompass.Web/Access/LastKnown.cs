using FairCompass.Access;
using FairCompass.Store;
using Microsoft.Extensions.Caching.Memory;

namespace FairCompass.Web.Access;

/// <summary>
/// Who was let in a short while ago. It is asked only while the database does not answer, and only for what stores nothing: somebody who
/// types goes on seeing what they type, and what they save is refused by the database itself. While it answers, what it says holds.
/// </summary>
public sealed class LastKnown : IDisposable
{
    private static readonly TimeSpan Long = TimeSpan.FromMinutes(10);
    private readonly MemoryCache known = new(new MemoryCacheOptions { SizeLimit = 10_000 });

    /// <summary>Remembers whose a token is.</summary>
    public void Keep(string token, SignedIn who) => Set(token, who);

    /// <summary>Remembers what somebody is in a competition.</summary>
    public void Keep(Guid session, Guid competition, IReadOnlyList<Role> roles) => Set((session, competition), roles);

    /// <summary>Whose a token was; null where it was not seen of late.</summary>
    public SignedIn? Who(string token) => known.Get<SignedIn>(token);

    /// <summary>What somebody was in a competition; nothing where that is not known.</summary>
    public IReadOnlyList<Role> Roles(Guid session, Guid competition) => known.Get<IReadOnlyList<Role>>((session, competition)) ?? [];

    /// <inheritdoc/>
    public void Dispose() => known.Dispose();

    private void Set(object key, object value) =>
        known.Set(key, value, new MemoryCacheEntryOptions { Size = 1, AbsoluteExpirationRelativeToNow = Long });
}
