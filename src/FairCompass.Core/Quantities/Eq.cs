using System.Collections;
using System.Diagnostics.CodeAnalysis;
using System.Runtime.CompilerServices;

namespace FairCompass.Core.Quantities;

/// <summary>
/// An immutable list that is equal to another when their items are equal in order.
/// <c>ImmutableArray</c> compares by reference, which would make every round-trip test lie.
/// </summary>
/// <typeparam name="T">The item; its own equality decides.</typeparam>
/// <example><c>Eq.Of(1, 2) == Eq.Of(1, 2)</c> is true.</example>
[CollectionBuilder(typeof(Eq), nameof(Eq.From))]
public readonly struct Eq<T> : IReadOnlyList<T>, IEquatable<Eq<T>>
{
    private readonly T[]? items;

    internal Eq(T[] owned) => items = owned;

    /// <summary>How many items there are; 0 for <c>default</c>.</summary>
    public int Count => items?.Length ?? 0;

    /// <summary>The item at a position from 0.</summary>
    /// <exception cref="IndexOutOfRangeException">The position is not in the list.</exception>
    public T this[int index] => (items ?? [])[index];

    /// <summary>The items without copying.</summary>
    public ReadOnlySpan<T> AsSpan() => items;

    /// <summary>True when both have the same items in the same order.</summary>
    public bool Equals(Eq<T> other)
    {
        if (Count != other.Count)
        {
            return false;
        }

        for (var i = 0; i < Count; i++)
        {
            if (!EqualityComparer<T>.Default.Equals(this[i], other[i]))
            {
                return false;
            }
        }

        return true;
    }

    /// <inheritdoc/>
    public override bool Equals([NotNullWhen(true)] object? obj) => obj is Eq<T> other && Equals(other);

    /// <inheritdoc/>
    public override int GetHashCode()
    {
        var hash = new HashCode();
        foreach (var item in AsSpan())
        {
            hash.Add(item);
        }

        return hash.ToHashCode();
    }

    /// <summary>Goes through the items without an object of its own.</summary>
    public Enumerator GetEnumerator() => new(items ?? []);

    IEnumerator<T> IEnumerable<T>.GetEnumerator() => ((IEnumerable<T>)(items ?? [])).GetEnumerator();

    IEnumerator IEnumerable.GetEnumerator() => (items ?? []).GetEnumerator();

    /// <summary>A place in the list while it is gone through.</summary>
    public struct Enumerator
    {
        private readonly T[] items;
        private int at = -1;

        internal Enumerator(T[] items) => this.items = items;

        /// <summary>The item at this place.</summary>
        public readonly T Current => items[at];

        /// <summary>Goes to the next item; false behind the last.</summary>
        public bool MoveNext() => ++at < items.Length;
    }

    /// <summary>Same as <see cref="Equals(Eq{T})"/>.</summary>
    public static bool operator ==(Eq<T> left, Eq<T> right) => left.Equals(right);

    /// <summary>The opposite of <see cref="Equals(Eq{T})"/>.</summary>
    public static bool operator !=(Eq<T> left, Eq<T> right) => !left.Equals(right);

    /// <summary>The items, separated by commas.</summary>
    public override string ToString() => "[" + string.Join(", ", this) + "]";
}

/// <summary>Makes <see cref="Eq{T}"/> lists.</summary>
public static class Eq
{
    /// <summary>Copies a span into a new list; also used by collection expressions.</summary>
    public static Eq<T> From<T>(ReadOnlySpan<T> items) => new(items.ToArray());

    /// <summary>Copies any sequence into a new list.</summary>
    public static Eq<T> ToEq<T>(this IEnumerable<T> items) => new(items.ToArray());

    /// <summary>A list of the given items.</summary>
    public static Eq<T> Of<T>(params ReadOnlySpan<T> items) => new(items.ToArray());
}
