# frozen_string_literal: true

module Server
  module Models
    # Who is at the bench. She may have the demo's bench beside her own.
    class Maker < ActiveRecord::Base
      belongs_to :account, optional: true
      # All at once, however much it is. Projects go first: their units hold on to the fabrics; the database sees to those.
      before_destroy { Project.where(maker_id: id).delete_all }
      has_many :projects, -> { here.order(:aside, :id) }, inverse_of: :maker
      has_many :all_projects, class_name: "Project", inverse_of: :maker
      has_many :units, through: :projects, source: :all_units
      has_many :tools, -> { order(:position, :id) }, dependent: :delete_all
      has_many :blocks, -> { order(:id) }, dependent: :delete_all
      has_many :fabrics, -> { order(:id) }, dependent: :delete_all
      has_many :jobs, dependent: :delete_all
      has_many :bookmarks, dependent: :delete_all
      has_many :drills, -> { order(:created_at, :id) }, dependent: :delete_all

      # @return [Hash] her profile as she gave it, and as it reads with all that is assumed
      def to_document
        { "name" => name, "profile" => profile, "priorities" => all_priorities, "lock_version" => lock_version,
          **OakenGauge.profile(profile) }
      end

      # @return [Hash] what she sets store by, with the usual for what she has left out
      def all_priorities
        OakenGauge.priorities(priorities)
      end

      # @return [Array<String>] the methods that she has picked for any unit
      def methods_picked
        Pick.joins(:unit).merge(Unit.where(project: all_projects)).distinct.order(:method_id).pluck(:method_id)
      end

      # @return [Array<Hash>] the documents of the tools that can be used
      def drawer
        usable.map(&:document)
      end

      # @param name [String] of a tool
      # @return [String] an id for it that no other tool has
      def free_key(name)
        PlainName.free(PlainName.of(name, empty: "tool"), tools.reload.map(&:key))
      end

      # @return [Hash] what any question takes from her: her drawer, her hands, what she sets store by
      def question
        { "tools" => drawer, "maker" => profile, "priorities" => priorities }
      end

      # @return [Array<Hash>] the tools that are put aside: id:, name: and say:
      def put_aside
        (tools.reject(&:retired) - usable).map { |tool| { "id" => tool.id, "name" => tool.document["name"].to_s, "say" => tool.fault } }
      end

      # So many at one bench.
      MOST = 20

      # @return [ActiveRecord::Relation] those of whoever is there, removed or not: all, where nobody has to sign in
      def self.whoever
        Access.required? ? where(account_id: Access.account&.id) : all
      end

      # @return [ActiveRecord::Relation] the same without those that were removed; who came last is the first
      def self.here
        whoever.where(removed_at: nil).order(Arel.sql("came_at DESC NULLS LAST"), :id)
      end

      # @return [Maker] the one that the address names; or else the one who came to the bench last, the first there is where nobody has
      #   come yet
      def self.at_bench
        named = Access::Current.maker_id or return here.first!

        Access::Current.maker ||= here.find_by(id: named) || raise(Problem.new(404, "This maker is not here any more: open another."))
      end

      # One more, while nobody else adds one.
      # @yield what adds or puts back
      # @raise [Problem]
      def self.one_more
        transaction do
          connection.execute("SELECT pg_advisory_xact_lock(#{LOCK}, #{Access.account&.id.to_i})")
          raise Problem.new(422, "There are #{MOST} makers at this bench, and no room for more: remove one first.") if here.count >= MOST

          yield
        end
      end
      LOCK = 20_261_201
      private_constant :LOCK

      # @return [Hash] as she stands in the list of makers
      def to_row
        { "id" => id, "name" => name, "demo" => demo, "lock_version" => lock_version, "projects" => projects.count }
      end

      # @return [void]
      def come
        update_columns(came_at: Time.now)
      end

      private

      # Without those that are retired, and those that cannot be read any more.
      def usable
        @usable ||= tools.reject { |tool| tool.retired || tool.fault }
      end
    end
  end
end
