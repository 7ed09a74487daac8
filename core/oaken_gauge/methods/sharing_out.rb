# frozen_string_literal: true

module OakenGauge
  module Methods
    # Which of several methods makes how many of the units, each at least one set.
    #
    # The {Shares} are held against one another, and against sets of one size for all of them, by what is left over, then
    # net fabric, then how many sets there are to mark and sew, then minutes.
    class SharingOut
      # @param mixed [Mixed] for whose units
      # @param ways [Array<Method>] the methods, each for all of the units
      def initialize(mixed, ways)
        @mixed = mixed
        @task = mixed.task
        @all = ways.select { |way| usable?(way) }
        @ways = @all.select { |way| fits?(way) }.sort_by.with_index { |way, i| [-way.class.per_set, i] }
      end

      # @return [Mixed, nil] nil where sets of one size do as well for all of them
      def best
        mixed = least(alone ? mixes.select { |way| better?(way) } : mixes) or return

        mixed unless alone && first_of([alone, mixed]).equal?(alone)
      end

      # @return [Problem, nil] what the stock cannot give, where it cannot give any mix
      def shortage
        return if alone

        tried = @ways.empty? ? @all : mixes
        tried.first.allocations.each_value.filter_map(&:short).first if tried.any? && tried.all? { |way| short?(way) }
      end

      private

      # The best of the sets of one size for all of them.
      def alone
        @alone ||= least(@ways.reject { |way| way.class.per_set == 1 })
      end

      # Whether it might be, by what it leaves over and has to cut: what could not need not be laid out.
      def better?(way)
        ([left_over(way), to_cut(way)] <=> [left_over(alone), net(alone)]) <= 0
      end

      def usable?(way)
        way.settings
        way.problems.empty?
      end

      # A method whose pieces are larger than any of the fabric has no part in it.
      def fits?(way)
        way.allocations.each_value.none? { |taken| taken.short && taken.taken.zero? }
      end

      # Those that leave least over, and of those the best; what is short is no way at all.
      def least(ways)
        over = ways.group_by { |way| left_over(way) }
        over.keys.sort.each do |area|
          enough = laid_out(over[area].sort_by.with_index { |way, i| [to_cut(way), way.makes.sets, i] })
          return first_of(enough) unless enough.empty?
        end
        nil
      end

      # One after another, until the next has more to cut than the best of them takes.
      def laid_out(ways)
        best = Float::INFINITY
        ways.each_with_object([]) do |way, enough|
          break enough if to_cut(way) > best
          next if short?(way)

          best = [best, net(way)].min
          enough << way
        end
      end

      # How long it takes is only asked where all else is alike: with cuts stacked, mixes differ by seconds.
      def first_of(ways)
        alike = %i[left_over net sets].reduce(ways) { |best, figure| least_by(best) { |way| send(figure, way) } }
        alike.one? ? alike.first : alike.min_by { |way| seconds(way) }
      end

      def least_by(ways, &)
        ways.group_by(&).min_by(&:first).last
      end

      def left_over(way)
        (@left_over ||= {}.compare_by_identity)[way] ||= begin
          spare = way.spares.sum(0.0) { |one| one.area(@mixed) }
          (spare + (way.makes.surplus * whole_unit)).round(6)
        end
      end

      def whole_unit
        @whole_unit ||= @task.unit.class.roles.sum { |role| @task.unit.fabric_of(role, @task.seam) }
      end

      # No layout uses less than this.
      def to_cut(way)
        way.cuts.sum { |cut| cut.count * cut.size.inject(:*) }.to_f.round(6)
      end

      # What there is no room for by itself need not be laid out.
      def short?(way)
        !way.cuts.all? { |cut| @task.fabric(cut.role).room?(cut) } || way.allocations.values.any?(&:short)
      end

      def net(way)
        way.allocations.values.sum { |taken| taken.consumed - taken.offcut }.to_f.round(6)
      end

      def sets(way)
        way.makes.sets
      end

      def seconds(way)
        Timing.new(way.work, @task.maker).total.round(6)
      end

      def mixes
        @mixes ||= Shares.new(@task.unit, @ways).all.map { |shares| mix(shares) }
      end

      def mix(shares)
        @mixed.class.new(@task, shares.map { |way, units| part(way, units) })
      end

      # So many units of one method have a part in several mixes.
      def part(way, units)
        (@parts ||= {})[[way, units]] ||= way.class.new((@tasks ||= {})[units] ||= @task.of(@task.unit.with(**units)))
      end
    end
  end
end
